/** The server: keeps projects, answers with reels and directions, makes exports. The rules of the job are in the core. */
package knollwind.server;
