/** Projects: their revisions, snapshots and kept states. */
package knollwind.server.project;
