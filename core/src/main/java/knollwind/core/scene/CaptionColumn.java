package knollwind.core.scene;

/**
 * Words of captions in one language, or in one wording: all columns have the same times.
 *
 * @param name what it is called
 * @param language BCP 47 tag by which its words are set and broken; null for that of the design
 */
public record CaptionColumn(String id, String name, String language) {
    public CaptionColumn {
        Check.id(id, "a column of captions");
        Check.text(name, 60, "the name of a column of captions");
        if (name.isBlank()) {
            throw new IllegalArgumentException("a column of captions needs a name");
        }
        if (language != null && !language.matches("[A-Za-z]{2,8}(-[A-Za-z0-9]{1,8})*")) {
            throw new IllegalArgumentException(
                    "'" + language + "' is no language; write a tag such as en, de or pt-BR");
        }
    }
}
