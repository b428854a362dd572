/** Templates: documents made to be used in others, what of them comes along, and how those that use them follow when they change. */
package knollwind.core.template;
