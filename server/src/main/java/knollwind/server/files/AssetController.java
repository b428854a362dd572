package knollwind.server.files;

import jakarta.persistence.EntityManager;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import knollwind.server.project.MissingException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Files that people bring in. The same content is stored once. */
@RestController
@RequestMapping(UploadKind.Path.ASSETS)
class AssetController {
    /** A file that is kept, named by its content. */
    record Kept(String name, String sha256) {}

    private final FileStore files;
    private final Downloads downloads;
    private final EntityManager entities;

    AssetController(FileStore files, Downloads downloads, EntityManager entities) {
        this.files = files;
        this.downloads = downloads;
        this.entities = entities;
    }

    /** Stores the request's body. What it is called and said to be is kept as a label only. */
    @PostMapping(consumes = MediaType.ALL_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    @Transactional(rollbackFor = IOException.class)
    public Kept upload(@RequestParam String name, HttpServletRequest request) throws IOException {
        StoredFile file = files.store(
                request.getInputStream(), MediaType.APPLICATION_OCTET_STREAM_VALUE, UploadKind.ASSET.most());
        AssetEntity known = entities.find(AssetEntity.class, file.sha256());
        if (known == null) {
            known = new AssetEntity();
            known.sha256 = file.sha256();
            known.name = name.length() > 200 ? name.substring(0, 200) : name;
            known.fileId = file.id();
            entities.persist(known);
        } else {
            entities.createQuery("delete from FileChunk c where c.fileId = :file")
                    .setParameter("file", file.id())
                    .executeUpdate();
            entities.remove(file);
        }
        return new Kept(known.name, known.sha256);
    }

    @GetMapping("/{sha256}")
    ResponseEntity<StreamingResponseBody> download(@PathVariable String sha256) {
        AssetEntity asset = entities.find(AssetEntity.class, sha256);
        if (asset == null) {
            throw new MissingException("There is no file with this content.");
        }
        return downloads.answer(files.find(asset.fileId), asset.name);
    }
}
