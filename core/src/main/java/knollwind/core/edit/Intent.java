package knollwind.core.edit;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** Something a user wants to be done to a document, or to a draft of it that is only looked at. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Begin.class, name = "begin"),
    @JsonSubTypes.Type(value = AddScene.class, name = "addScene"),
    @JsonSubTypes.Type(value = AddWords.class, name = "addWords"),
    @JsonSubTypes.Type(value = CallByWords.class, name = "callByWords"),
    @JsonSubTypes.Type(value = AddShape.class, name = "addShape"),
    @JsonSubTypes.Type(value = AddPlate.class, name = "addPlate"),
    @JsonSubTypes.Type(value = AddPicture.class, name = "addPicture"),
    @JsonSubTypes.Type(value = AddNested.class, name = "addNested"),
    @JsonSubTypes.Type(value = AddTo.class, name = "addTo"),
    @JsonSubTypes.Type(value = PlaceWord.class, name = "placeWord"),
    @JsonSubTypes.Type(value = PoseMove.class, name = "poseMove"),
    @JsonSubTypes.Type(value = ShareMove.class, name = "shareMove"),
    @JsonSubTypes.Type(value = ShowMoves.class, name = "showMoves"),
    @JsonSubTypes.Type(value = ShowAway.class, name = "showAway"),
    @JsonSubTypes.Type(value = AddStroke.class, name = "addStroke"),
    @JsonSubTypes.Type(value = DuplicateScene.class, name = "duplicateScene"),
    @JsonSubTypes.Type(value = SplitScene.class, name = "splitScene"),
    @JsonSubTypes.Type(value = JoinScenes.class, name = "joinScenes"),
    @JsonSubTypes.Type(value = AddTake.class, name = "addTake"),
    @JsonSubTypes.Type(value = UseTake.class, name = "useTake"),
    @JsonSubTypes.Type(value = RestoreState.class, name = "restoreState"),
    @JsonSubTypes.Type(value = KeepAsTakes.class, name = "keepAsTakes"),
    @JsonSubTypes.Type(value = SetBySentence.class, name = "setBySentence"),
    @JsonSubTypes.Type(value = SetValues.class, name = "setValues"),
    @JsonSubTypes.Type(value = ArrangeBlocks.class, name = "arrangeBlocks"),
    @JsonSubTypes.Type(value = CopyBlocks.class, name = "copyBlocks"),
    @JsonSubTypes.Type(value = Paste.class, name = "paste"),
    @JsonSubTypes.Type(value = RemoveBlocks.class, name = "removeBlocks"),
    @JsonSubTypes.Type(value = RestackBlocks.class, name = "restackBlocks"),
    @JsonSubTypes.Type(value = HangBlock.class, name = "hangBlock"),
    @JsonSubTypes.Type(value = StyleWords.class, name = "styleWords"),
    @JsonSubTypes.Type(value = ShiftPiece.class, name = "shiftPiece"),
    @JsonSubTypes.Type(value = FillNested.class, name = "fillNested"),
    @JsonSubTypes.Type(value = PasteMoves.class, name = "pasteMoves"),
    @JsonSubTypes.Type(value = DoAgain.class, name = "doAgain"),
    @JsonSubTypes.Type(value = ReplaceInDirections.class, name = "replaceInDirections"),
    @JsonSubTypes.Type(value = AddPathPoint.class, name = "addPathPoint"),
    @JsonSubTypes.Type(value = AddKey.class, name = "addKey"),
    @JsonSubTypes.Type(value = RemoveKeys.class, name = "removeKeys"),
    @JsonSubTypes.Type(value = PasteKeys.class, name = "pasteKeys")
})
public sealed interface Intent
        permits Begin,
                AddScene,
                AddWords,
                CallByWords,
                AddShape,
                AddPlate,
                AddPicture,
                AddNested,
                AddTo,
                PlaceWord,
                PoseMove,
                ShareMove,
                ShowMoves,
                ShowAway,
                AddStroke,
                DuplicateScene,
                SplitScene,
                JoinScenes,
                AddTake,
                UseTake,
                RestoreState,
                KeepAsTakes,
                SetBySentence,
                SetValues,
                ArrangeBlocks,
                CopyBlocks,
                Paste,
                RemoveBlocks,
                RestackBlocks,
                HangBlock,
                StyleWords,
                ShiftPiece,
                FillNested,
                PasteMoves,
                DoAgain,
                ReplaceInDirections,
                AddPathPoint,
                AddKey,
                RemoveKeys,
                PasteKeys {
    /**
     * What is to be done to the document.
     *
     * @throws IllegalArgumentException with the reason when it cannot be done
     */
    Outcome on(Draft draft);
}
