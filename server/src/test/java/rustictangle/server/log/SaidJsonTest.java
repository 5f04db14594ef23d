package rustictangle.server.log;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import rustictangle.core.dog.Region;
import rustictangle.core.dog.Section;
import rustictangle.core.log.BathKind;
import rustictangle.core.log.Bathed;
import rustictangle.core.log.BegunLower;
import rustictangle.core.log.BodyFinding;
import rustictangle.core.log.CareJob;
import rustictangle.core.log.CareOutcome;
import rustictangle.core.log.CareWarned;
import rustictangle.core.log.Cared;
import rustictangle.core.log.Catch;
import rustictangle.core.log.ClawResult;
import rustictangle.core.log.ClawTouched;
import rustictangle.core.log.CombResult;
import rustictangle.core.log.DrynessFelt;
import rustictangle.core.log.Exercise;
import rustictangle.core.log.FingerSearched;
import rustictangle.core.log.HairOut;
import rustictangle.core.log.HandTaught;
import rustictangle.core.log.Happened;
import rustictangle.core.log.LastCombed;
import rustictangle.core.log.LifeEvent;
import rustictangle.core.log.LookedAt;
import rustictangle.core.log.Measured;
import rustictangle.core.log.PastTold;
import rustictangle.core.log.Paw;
import rustictangle.core.log.Portrayed;
import rustictangle.core.log.PracticeWarned;
import rustictangle.core.log.Practised;
import rustictangle.core.log.Said;
import rustictangle.core.log.SeenBy;
import rustictangle.core.log.SessionBegun;
import rustictangle.core.log.SessionEvent.Caught;
import rustictangle.core.log.SessionEvent.GelUsed;
import rustictangle.core.log.SessionEvent.HairCameOut;
import rustictangle.core.log.SessionEvent.HairWeighed;
import rustictangle.core.log.SessionEvent.KnotFelt;
import rustictangle.core.log.SessionEvent.LayerDone;
import rustictangle.core.log.SessionEvent.PassDone;
import rustictangle.core.log.SessionEvent.PassRepeated;
import rustictangle.core.log.SessionEvent.PassSkipped;
import rustictangle.core.log.SessionEvent.Paused;
import rustictangle.core.log.SessionEvent.Resumed;
import rustictangle.core.log.SessionEvent.SectionDone;
import rustictangle.core.log.SessionEvent.SectionPostponed;
import rustictangle.core.log.SessionEvent.SectionSkipped;
import rustictangle.core.log.SessionEvent.Signalled;
import rustictangle.core.log.SessionEvent.Started;
import rustictangle.core.log.SessionEvent.StepDone;
import rustictangle.core.log.SessionEvent.StepPostponed;
import rustictangle.core.log.SessionEvent.StepSkipped;
import rustictangle.core.log.SessionEvent.Stopped;
import rustictangle.core.log.SessionEvent.TanglesOut;
import rustictangle.core.log.SessionEvent.Teased;
import rustictangle.core.log.SessionEvent.TreatGiven;
import rustictangle.core.log.SessionEvent.Undone;
import rustictangle.core.log.SessionEvent.Warned;
import rustictangle.core.log.SessionNoted;
import rustictangle.core.log.Signal;
import rustictangle.core.log.TakenBack;
import rustictangle.core.log.ToolCleaned;
import rustictangle.core.log.ToolFault;
import rustictangle.core.log.ToolKind;
import rustictangle.core.log.ToolLookedOver;
import rustictangle.core.log.ToolReplaced;
import rustictangle.core.log.VisitScope;
import rustictangle.core.log.Visited;
import rustictangle.core.log.Warning;
import rustictangle.core.log.Weighed;
import rustictangle.server.ServerTest;
import tools.jackson.databind.json.JsonMapper;

/** Whatever can be said is read as it was written; the words are those of the data files of before. */
class SaidJsonTest extends ServerTest {

    private static final Section BACK = Section.BACK;
    private static final Map<String, Said> WRITTEN = Stream.of(new Object[][] {
                {"{\"type\":\"STARTED\"}", new Started()},
                {"{\"type\":\"KNOT_FELT\",\"section\":\"BACK\"}", new KnotFelt(BACK)},
                {"{\"type\":\"LAYER_DONE\",\"section\":\"BACK\"}", new LayerDone(BACK)},
                {
                    "{\"type\":\"HAIR_CAME_OUT\",\"section\":\"BACK\",\"hair\":\"HEAP\"}",
                    new HairCameOut(BACK, HairOut.HEAP)
                },
                {"{\"type\":\"HAIR_WEIGHED\",\"section\":\"BACK\",\"grams\":2.5}", new HairWeighed(BACK, 2.5)},
                {
                    "{\"type\":\"SIGNALLED\",\"section\":\"BACK\",\"signal\":\"UNEASY\"}",
                    new Signalled(BACK, Signal.UNEASY)
                },
                {"{\"type\":\"TREAT_GIVEN\"}", new TreatGiven()},
                {"{\"type\":\"PAUSED\"}", new Paused()},
                {"{\"type\":\"RESUMED\"}", new Resumed()},
                {
                    "{\"type\":\"SECTION_DONE\",\"section\":\"BACK\",\"comb\":\"MAT_LEFT\",\"tangles\":2,\"signal\":\"RELAXED\",\"spent\":75}",
                    new SectionDone(BACK, CombResult.MAT_LEFT, 2, Signal.RELAXED, Optional.of(75))
                },
                {
                    "{\"type\":\"STEP_DONE\",\"places\":[{\"type\":\"SECTION_DONE\",\"section\":\"BACK\",\"comb\":\"GLIDES\",\"tangles\":0,\"signal\":\"RELAXED\"}]}",
                    new StepDone(List.of(new SectionDone(BACK, CombResult.GLIDES, 0, Signal.RELAXED)))
                },
                {
                    "{\"type\":\"WARNED\",\"sections\":[\"BACK\"],\"warning\":\"GROWLED\"}",
                    new Warned(List.of(BACK), Warning.GROWLED)
                },
                {"{\"type\":\"STEP_SKIPPED\",\"sections\":[\"BACK\"]}", new StepSkipped(List.of(BACK))},
                {"{\"type\":\"STEP_POSTPONED\",\"sections\":[\"BACK\"]}", new StepPostponed(List.of(BACK))},
                {"{\"type\":\"SECTION_SKIPPED\",\"section\":\"BACK\"}", new SectionSkipped(BACK)},
                {"{\"type\":\"SECTION_POSTPONED\",\"section\":\"BACK\"}", new SectionPostponed(BACK)},
                {
                    "{\"type\":\"CAUGHT\",\"section\":\"BACK\",\"found\":{\"skin\":\"SOUND\",\"lump\":\"UP_TO_10_MM\",\"beneath\":\"FREE\",\"spread\":\"ONE\"}}",
                    new Caught(
                            BACK,
                            new Catch(
                                    Catch.SkinLook.SOUND, Catch.Lump.UP_TO_10_MM, Catch.Beneath.FREE, Catch.Spread.ONE))
                },
                {
                    "{\"type\":\"TEASED\",\"section\":\"BACK\",\"seconds\":40,\"signal\":\"UNEASY\"}",
                    new Teased(BACK, 40, Signal.UNEASY)
                },
                {"{\"type\":\"GEL_USED\",\"section\":\"BACK\"}", new GelUsed(BACK)},
                {"{\"type\":\"STOPPED\"}", new Stopped()},
                {"{\"type\":\"UNDONE\"}", new Undone()},
                {
                    "{\"type\":\"SESSION_BEGUN\",\"plan\":[{\"section\":\"BACK\",\"seconds\":60,\"subject\":\"COMB\"},{\"section\":\"CHEST\"}]}",
                    new SessionBegun(List.of(
                            new SessionBegun.BegunPlace(BACK, Optional.of(60), Optional.of(ToolKind.COMB)),
                            new SessionBegun.BegunPlace(Section.CHEST, Optional.empty(), Optional.empty())))
                },
                {
                    "{\"type\":\"SESSION_BEGUN\",\"plan\":[{\"section\":\"BACK\"}],\"passes\":[{\"tool\":\"SLICKER\",\"sections\":[\"BACK\"],\"seconds\":90}]}",
                    new SessionBegun(
                            List.of(new SessionBegun.BegunPlace(BACK, Optional.empty(), Optional.empty())),
                            List.of(new SessionBegun.BegunPass(ToolKind.SLICKER, List.of(BACK), 90)))
                },
                {
                    "{\"type\":\"PASS_DONE\",\"pass\":1,\"hair\":\"PINCH\",\"brushed\":[\"BACK\"]}",
                    new PassDone(1, Optional.of(HairOut.PINCH), List.of(BACK))
                },
                {"{\"type\":\"PASS_DONE\",\"pass\":2}", new PassDone(2, Optional.empty(), List.of())},
                {"{\"type\":\"PASS_REPEATED\",\"pass\":1,\"hair\":\"HEAP\"}", new PassRepeated(1, HairOut.HEAP)},
                {"{\"type\":\"PASS_SKIPPED\",\"pass\":3}", new PassSkipped(3)},
                {"{\"type\":\"TANGLES_OUT\",\"section\":\"BACK\",\"tangles\":2}", new TanglesOut(BACK, 2)},
                {"{\"type\":\"HAND_TAUGHT\",\"tool\":\"SLICKER\"}", new HandTaught(ToolKind.SLICKER)},
                {"{\"type\":\"SESSION_NOTED\",\"text\":\"\"}", new SessionNoted("")},
                {
                    "{\"type\":\"PRACTISED\",\"subject\":\"TABLE\",\"signal\":\"RELAXED\"}",
                    new Practised(Optional.of(Exercise.TABLE), Optional.empty(), Signal.RELAXED)
                },
                {
                    "{\"type\":\"PRACTISED\",\"subject\":\"BATHING\",\"signal\":\"RELAXED\",\"wetted\":\"RINSE\"}",
                    new Practised(
                            Optional.of(Exercise.BATHING),
                            Optional.empty(),
                            Signal.RELAXED,
                            Optional.of(BathKind.RINSE))
                },
                {
                    "{\"type\":\"FINGER_SEARCHED\",\"sections\":[\"BACK\",\"CHEST\"],\"lumps\":[\"CHEST\"]}",
                    new FingerSearched(List.of(BACK, Section.CHEST), List.of(Section.CHEST))
                },
                {
                    "{\"type\":\"PRACTICE_WARNED\",\"subject\":\"COMB\",\"section\":\"BACK\",\"warning\":\"GROWLED\"}",
                    new PracticeWarned(ToolKind.COMB, Optional.of(BACK), Warning.GROWLED)
                },
                {
                    "{\"type\":\"BEGUN_LOWER\",\"subject\":\"TABLE\",\"rung\":4}",
                    new BegunLower(Exercise.TABLE, Optional.empty(), 4)
                },
                {
                    "{\"type\":\"CARED\",\"job\":\"TEETH\",\"outcome\":\"DONE\",\"signal\":\"RELAXED\",\"words\":\"\"}",
                    new Cared(CareJob.TEETH, CareOutcome.DONE, Optional.of(Signal.RELAXED), "")
                },
                {
                    "{\"type\":\"CLAW_TOUCHED\",\"paw\":\"HIND_LEFT\",\"toe\":0,\"result\":\"TOO_SHORT\"}",
                    new ClawTouched(Paw.HIND_LEFT, 0, ClawResult.TOO_SHORT)
                },
                {"{\"type\":\"BATHED\",\"kind\":\"UNDERCARRIAGE\"}", new Bathed(BathKind.UNDERCARRIAGE)},
                {"{\"type\":\"DRYNESS_FELT\",\"section\":\"BACK\",\"dry\":true}", new DrynessFelt(BACK, true)},
                {
                    "{\"type\":\"LOOKED_AT\",\"section\":\"BACK\",\"words\":\"a scab\"}",
                    new LookedAt(BACK, "a scab", Optional.empty())
                },
                {
                    "{\"type\":\"LOOKED_AT\",\"section\":\"CHEST\",\"words\":\"\",\"what\":\"LUMP\"}",
                    new LookedAt(Section.CHEST, "", Optional.empty(), Optional.of(BodyFinding.LUMP))
                },
                {
                    "{\"type\":\"PORTRAYED\",\"photo\":\"0f7b2f4e-0000-4000-8000-000000000001\"}",
                    new Portrayed(UUID.fromString("0f7b2f4e-0000-4000-8000-000000000001"))
                },
                {"{\"type\":\"HAPPENED\",\"event\":\"SWAM\"}", new Happened(LifeEvent.SWAM)},
                {
                    "{\"type\":\"MEASURED\",\"region\":\"BODY\",\"millimetres\":40.5,\"before\":38.0}",
                    new Measured(Region.BODY, 40.5, 38)
                },
                {"{\"type\":\"WEIGHED\",\"kilograms\":12.5,\"before\":13.0}", new Weighed(12.5, 13)},
                {
                    "{\"type\":\"SEEN_BY\",\"section\":\"BACK\",\"who\":\"VET\",\"words\":\"Salve.\"}",
                    new SeenBy(BACK, SeenBy.Who.VET, "Salve.")
                },
                {
                    "{\"type\":\"SEEN_BY\",\"who\":\"TRAINER\",\"words\":\"\",\"job\":\"NAILS\"}",
                    new SeenBy(Optional.empty(), SeenBy.Who.TRAINER, "", Optional.of(CareJob.NAILS))
                },
                {
                    "{\"type\":\"CARE_WARNED\",\"job\":\"NAILS\",\"sections\":[\"HIND_FOOT_LEFT\"],\"warning\":\"SNAPPED\"}",
                    new CareWarned(CareJob.NAILS, List.of(Section.HIND_FOOT_LEFT), Warning.SNAPPED)
                },
                {
                    "{\"type\":\"VISITED\",\"remarks\":\"\",\"found\":\"\",\"tookOver\":false,\"before\":{},\"scope\":\"PLACES\",\"places\":[\"BACK\"]}",
                    Visited.only(VisitScope.PLACES, Set.of(BACK))
                },
                {"{\"type\":\"PAST_TOLD\",\"lastCombed\":\"SOME_WEEKS\"}", new PastTold(LastCombed.SOME_WEEKS)},
                {
                    "{\"type\":\"VISITED\",\"left\":20.0,\"remarks\":\"\",\"found\":\"a mat\",\"tookOver\":true,\"before\":{\"BODY\":40.0,\"LEGS\":38.0}}",
                    new Visited(
                            Optional.of(20.0),
                            Optional.empty(),
                            "",
                            "a mat",
                            true,
                            Map.of(Region.LEGS, 38.0, Region.BODY, 40.0))
                },
                {
                    "{\"type\":\"TOOL_LOOKED_OVER\",\"tool\":3,\"faults\":[\"SCRATCHES\",\"BENT\"]}",
                    new ToolLookedOver(3, Set.of(ToolFault.BENT, ToolFault.SCRATCHES))
                },
                {"{\"type\":\"TOOL_REPLACED\",\"tool\":3}", new ToolReplaced(3)},
                {"{\"type\":\"TOOL_CLEANED\",\"tool\":3}", new ToolCleaned(3)},
                {"{\"type\":\"TAKEN_BACK\"}", new TakenBack()}
            })
            .collect(Collectors.toMap(pair -> (String) pair[0], pair -> (Said) pair[1]));

    @Autowired
    JsonMapper json;

    @Test
    void whateverCanBeSaidIsReadAsItWasWritten() {
        WRITTEN.forEach((text, said) -> {
            assertEquals(text, json.writerFor(Said.class).writeValueAsString(said));
            assertEquals(said, json.readValue(text, Said.class));
        });
    }

    /** What an owner reads of it, among what was said today. */
    @Test
    void whateverCanBeSaidHasWordsOfItsOwn() {
        WRITTEN.values().forEach(said -> {
            String words = said.inWords();
            assertFalse(words.isBlank() || words.contains("Optional[") || words.contains("null"), said + ": " + words);
            assertFalse(words.contains("_"), said + ": " + words);
        });
    }

    /** A kind that is missing here may come to be written in another way without anybody noticing. */
    @Test
    void noKindIsForgottenHere() {
        Set<Class<?>> written = new HashSet<>();
        WRITTEN.values().forEach(said -> written.add(said.getClass()));
        assertEquals(SaidJson.kinds(Said.class).collect(Collectors.<Class<?>>toSet()), written);
    }
}
