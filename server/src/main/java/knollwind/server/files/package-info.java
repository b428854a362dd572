/** What is uploaded: pictures, films and sounds, each kind declared once. */
package knollwind.server.files;
