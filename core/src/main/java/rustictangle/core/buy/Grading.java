package rustictangle.core.buy;

import java.util.List;
import rustictangle.core.buy.Purchases.Purpose;
import rustictangle.core.kit.Fit;
import rustictangle.core.kit.Need;
import rustictangle.core.kit.Tool;
import rustictangle.core.kit.Verdict;
import rustictangle.core.log.ToolKind;

/** How a tool is graded for a purpose when it is asked what to buy: 2 right, 1 will do, 0 neither. */
enum Grading {
    /** What stands in for another kind serves, too. */
    WHATEVER_SERVES,
    /** The owner chose a school: only the tools it names. */
    BY_SCHOOL;

    /** A pad further off than this in firmness is not what was asked for, though it may serve. Own estimate. */
    private static final double PAD_OFF = 0.32;

    /** What is bought is graded as it will be once it is owned. */
    int[][] grades(List<Tool> tools, List<Purpose> purposes) {
        return grades(tools, purposes, false);
    }

    /** The same where only what has the length and the pad that are asked for counts: that is what it is bought for. */
    int[][] asAskedFor(List<Tool> tools, List<Purpose> purposes) {
        return grades(tools, purposes, true);
    }

    private int[][] grades(List<Tool> tools, List<Purpose> purposes, boolean asAskedFor) {
        int[][] grades = new int[tools.size()][purposes.size()];
        for (int t = 0; t < tools.size(); t++) {
            for (int p = 0; p < purposes.size(); p++) {
                grades[t][p] = grade(tools.get(t), purposes.get(p), asAskedFor);
            }
        }
        return grades;
    }

    int grade(Tool tool, Purpose purpose, boolean asAskedFor) {
        return purpose.needs().stream()
                .mapToInt(need -> grade(tool, purpose, need, asAskedFor))
                .min()
                .orElseThrow();
    }

    private int grade(Tool tool, Purpose purpose, Need need, boolean asAskedFor) {
        ToolKind asked = purpose.step().tool();
        boolean another = tool.kind() != asked && bySchool(asked);
        if (another || asAskedFor && !asAskedFor(tool, need)) {
            return CoverProblem.NOT;
        }
        Verdict verdict = Fit.of(tool, purpose.step(), need).verdict();
        if (tool.kind() != asked && purpose.leadsWhereItMatsFirst() && verdict != Verdict.RIGHT) {
            return CoverProblem.NOT;
        }
        return verdict == Verdict.RIGHT
                ? CoverProblem.RIGHT
                : verdict == Verdict.WILL_DO ? CoverProblem.WILL_DO : CoverProblem.NOT;
    }

    private boolean bySchool(ToolKind asked) {
        return this == BY_SCHOOL && (asked == ToolKind.SLICKER || asked == ToolKind.PIN_BRUSH);
    }

    private static boolean asAskedFor(Tool tool, Need need) {
        boolean length = !tool.kind().hasPins()
                || tool.pinMillimetres().isEmpty()
                || need.pins().isEmpty()
                || need.pins().get().holds(tool.pinMillimetres().get());
        boolean pad = tool.pad().isEmpty()
                || need.pad().isEmpty()
                || Math.abs(tool.pad().get().firmness() - need.padWanted(tool)) <= PAD_OFF;
        return length && pad;
    }
}
