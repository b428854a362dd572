/** Thin commands over the core for people who script their work. They need no database and no server. */
package knollwind.cli;
