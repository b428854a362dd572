/** What is said in a recording: its words and when. */
package knollwind.core.speech;
