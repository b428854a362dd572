/** Templates: published, listed, brought along as one file and taken in. */
package knollwind.server.template;
