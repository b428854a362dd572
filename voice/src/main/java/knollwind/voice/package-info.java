/** Hears the words of recordings and makes stand-in ones, with models and speech makers of others behind interfaces of the core. */
package knollwind.voice;
