/** The projects that come with the application. */
package knollwind.server.demo;
