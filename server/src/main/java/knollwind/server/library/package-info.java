/** The motion library over HTTP. */
package knollwind.server.library;
