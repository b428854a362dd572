/** Tables of versions: what files of them say, what would become of them, and what is wrong with their cells. */
package knollwind.server.table;
