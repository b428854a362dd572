/** The queue of exports, each made by a process of its own. */
package knollwind.server.export;
