/** The rules of looks that a project keeps to, and what newer ones would change of it. */
package knollwind.server.engine;
