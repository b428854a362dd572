/** What all answers have in common: problems in words, the guard of the loopback, the description of the interface. */
package knollwind.server.web;
