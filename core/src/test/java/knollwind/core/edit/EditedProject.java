package knollwind.core.edit;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import knollwind.core.Samples;
import knollwind.core.check.DocumentCheck;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.filling.Filler;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.SceneScore;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Format;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import tools.jackson.databind.JsonNode;

/** A small project to be edited: two scenes of blocks that stand from frame 10 to 90, in a wide and a tall format. */
final class EditedProject {
    private static final String BLOCK = "{'kind':'shape','id':'%s','name':'%s','span':{'start':10,'end':90},"
            + "'place':{'x':{'value':100,'unit':'px'},'y':{'value':50,'unit':'frame'},'rotation':3,"
            + "'pivot':{'across':'centre','down':'middle','box':'metric'}},'opacity':1,'hidden':false,"
            + "'arrive':{'moves':[]},'leave':{'moves':[]},"
            + "'shape':{'kind':'rectangle','width':{'value':40,'unit':'px'},'height':{'value':20,'unit':'px'},"
            + "'radius':0},'fill':{'kind':'solid','colour':'#f0b64a'}}";
    private static final String WORDS = "{'kind':'text','id':'%s','name':'%s','span':{'start':10,'end':90},"
            + "'place':{'x':{'value':400,'unit':'px'},'y':{'value':300,'unit':'px'},'rotation':0,"
            + "'pivot':{'across':'centre','down':'middle','box':'metric'}},'opacity':1,'hidden':false,"
            + "'arrive':{'moves':[]},'leave':{'moves':[]},'text':'HOME','runs':[],"
            + "'setting':{'face':{'family':'Archivo','style':'normal','axes':{'wght':700},'sha256':''},'size':120}}";
    /** A move under the id that is filled in, its keys in the order of its members. */
    static final String MOVE = DocumentJson.tree(
                    MoveReader.read("characters fade in, 10 each, 2 apart", PhaseKind.ARRIVE, null))
            .toString()
            .replace('"', '\'')
            .replaceFirst("'id':'[^']*'", "'id':'%s'");

    private static final String FORMATS = "[{'id':'wide','name':'16:9','width':1920,'height':1080,'overrides':[]},"
            + "{'id':'tall','name':'9:16','width':1080,'height':1920,'overrides':[]}]";
    private static final String SCENE = "{'id':'%s','name':'%s','length':100,'rate':{'numerator':24,'denominator':1},"
            + "'formats':" + FORMATS + ",'background':{'kind':'none'},'blocks':[%s]}";

    private JsonNode tree;

    /** The same move of the block as a whole. */
    static String whole(String id) {
        return MOVE.formatted(id).replace("'character'", "'whole'");
    }

    EditedProject() {
        String one = String.join(",", WORDS.formatted("title", "Title"), block("line"), block("lamp"), block("bell"));
        String other = String.join(",", WORDS.formatted("title-2", "Other title"), block("line-2"));
        tree = json("{'id':'p','name':'Ferry','documentVersion':3,'engineVersion':'1','fields':[],'scenes':["
                + SCENE.formatted("s", "Quay", one) + "," + SCENE.formatted("t", "Pier", other) + "]}");
    }

    private static String block(String id) {
        return BLOCK.formatted(id, id);
    }

    static JsonNode json(String text) {
        return DocumentJson.tree(text.replace('\'', '"'));
    }

    /** Sets a value as it is written. */
    EditedProject with(String at, String json) {
        tree = new Patch(List.of(set(at, json))).apply(tree).document();
        return this;
    }

    /** The changes that a drag makes. */
    void applies(List<Operation> operations) {
        tree = new Patch(operations).apply(tree).document();
    }

    static Operation.Set set(String at, String json) {
        return new Operation.Set(at, json(json));
    }

    JsonNode at(String path) {
        return Patch.find(tree, path);
    }

    boolean has(String path) {
        return !Nodes.at(tree, List.of(path.split("/"))).isMissingNode();
    }

    JsonNode tree() {
        return tree;
    }

    /** Its only scene, read. */
    Scene scene() {
        return DocumentJson.read(tree).scene("s");
    }

    Draft draft() {
        return new Draft(tree, DocumentJson.read(tree), Samples.TYPESETTER, EditedProject::scores, revision -> tree);
    }

    /** Does what is wished; the document is still one that is taken in. */
    Outcome does(Wish wish) {
        Outcome outcome = wish.on(draft());
        tree = new Patch(outcome.operations()).apply(tree).document();
        DocumentCheck.check(DocumentJson.read(tree));
        return outcome;
    }

    Outcome does(Intent intent) {
        return does(new Wish(intent, null));
    }

    /** Changes values while a format is looked at, at a frame. */
    Outcome change(Looking looking, Operation... operations) {
        return does(new Wish(new SetValues(List.of(operations)), looking));
    }

    /** The blocks' scores, worked out anew. */
    static Map<String, BlockScore> scores(Project project, Scene scene, Format format) {
        Project plain = Filler.plain(project);
        // Without captions what dresses them is a block like others.
        Scene bare = plain.scene(scene.id()).withCaptions(null);
        return SceneScore.of(plain.withScenes(List.of(bare)), bare, format, Samples.TYPESETTER).blocks().stream()
                .collect(Collectors.toMap(score -> score.block().id(), score -> score));
    }
}
