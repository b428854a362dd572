/** Font files, shipped and uploaded. */
package knollwind.server.font;
