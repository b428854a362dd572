package knollwind.core.wording;

import com.ibm.icu.number.LocalizedNumberFormatter;
import com.ibm.icu.number.NumberFormatter;
import com.ibm.icu.number.Precision;
import com.ibm.icu.util.Currency;
import com.ibm.icu.util.ULocale;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How a number is written: by the rules of a language (CLDR, by ICU's formatters).
 *
 * @param locale a BCP 47 tag
 * @param decimals behind the point; −1 for as many as a currency has, or none
 * @param grouped whether thousands are set apart
 * @param signed whether a plus stands before what is above 0
 * @param currency ISO 4217; null for none
 * @param unit what stands behind it; null for nothing
 */
@RecordBuilder
record NumberForm(String locale, int decimals, boolean grouped, boolean signed, String currency, String unit)
        implements NumberFormBuilder.With {
    static final NumberForm PLAIN = new NumberForm("en-GB", -1, false, false, null, null);

    String write(double value) {
        LocalizedNumberFormatter form = NumberFormatter.withLocale(ULocale.forLanguageTag(locale))
                .grouping(grouped ? NumberFormatter.GroupingStrategy.ON_ALIGNED : NumberFormatter.GroupingStrategy.OFF)
                .sign(signed ? NumberFormatter.SignDisplay.EXCEPT_ZERO : NumberFormatter.SignDisplay.AUTO);
        if (currency != null) {
            form = form.unit(Currency.getInstance(currency)).unitWidth(NumberFormatter.UnitWidth.NARROW);
        }
        if (decimals >= 0 || currency == null) {
            form = form.precision(Precision.fixedFraction(Math.max(0, decimals)));
        }
        return form.format(value) + (unit == null ? "" : unit);
    }
}
