/** Tells this process what any process changed in the database. */
package knollwind.server.events;
