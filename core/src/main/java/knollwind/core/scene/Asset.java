package knollwind.core.scene;

/** A file that the project uses, named by the SHA-256 of its content. */
public record Asset(String id, String name, String mediaType, String sha256) {
    public Asset {
        Check.id(id, "an asset");
        Check.text(name, 200, "the name of an asset");
        Check.text(mediaType, 100, "the media type of an asset");
        if (sha256 == null || !sha256.matches("[0-9a-f]{64}")) {
            throw new IllegalArgumentException("an asset is named by the 64 hexadecimal digits of its SHA-256");
        }
    }
}
