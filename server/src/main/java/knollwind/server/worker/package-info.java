/** The programs that take exports from the queue: their names, and what each does. */
package knollwind.server.worker;
