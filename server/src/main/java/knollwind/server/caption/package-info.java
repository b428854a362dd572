/** Captions of a scene: what there is to say of them, and files of them. */
package knollwind.server.caption;
