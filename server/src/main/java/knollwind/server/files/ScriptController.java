package knollwind.server.files;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import knollwind.core.caption.Caption;
import knollwind.core.caption.ScriptFile;
import knollwind.core.speech.Aligned;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Scripts, captions and words that people bring in; nothing of them is kept. */
@RestController
@RequestMapping(UploadKind.Path.SCRIPTS)
class ScriptController {
    /**
     * What a file says.
     *
     * @param words with their times; none where the file does not have them
     * @param captions those of a file of captions; none of other files
     */
    record ReadScript(String script, List<Aligned.Word> words, List<Caption> captions, List<String> mended) {}

    /** Reads plain text, SubRip, WebVTT, CSV, TextGrid or lines of JSON as the request's body. */
    @PostMapping(consumes = MediaType.ALL_VALUE)
    ReadScript read(@RequestParam String name, HttpServletRequest request) throws IOException {
        ScriptFile file = ScriptFile.read(name, UploadKind.SCRIPT.read(request.getInputStream()));
        return new ReadScript(
                file.script(),
                file.words().stream()
                        .map(word -> new Aligned.Word(
                                word.text(), word.start(), word.end(), word.sure() == null ? 1 : word.sure(), null))
                        .toList(),
                file.captions(),
                file.mended());
    }
}
