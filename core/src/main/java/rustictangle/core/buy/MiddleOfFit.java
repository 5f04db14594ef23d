package rustictangle.core.buy;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import rustictangle.core.buy.Purchases.Purpose;
import rustictangle.core.kit.HeadShape;
import rustictangle.core.kit.PinWindow;
import rustictangle.core.kit.Tool;

/** The middle of all that a tool is named for, so that nothing is bought at the edge of what suits. */
final class MiddleOfFit {

    private MiddleOfFit() {}

    /**
     * @param tool   one that covers it
     * @param named  the purposes that it is right for; for none of all it gets worse
     */
    static Tool of(Tool tool, Grading grading, List<Purpose> purposes, List<Purpose> named) {
        if (named.isEmpty() || !tool.kind().hasPins()) {
            return tool;
        }
        Tool sized = withLength(tool, named);
        Tool better = noWorse(sized, tool, grading, purposes) ? sized : tool;
        Tool headed = withHead(better, named);
        return noWorse(headed, tool, grading, purposes) ? headed : better;
    }

    private static Tool withLength(Tool tool, List<Purpose> named) {
        List<PinWindow> windows = named.stream()
                .flatMap(purpose -> purpose.needs().stream())
                .flatMap(need -> need.pins().stream())
                .toList();
        if (windows.isEmpty()) {
            return tool;
        }
        double from =
                windows.stream().mapToDouble(PinWindow::minMillimetres).max().orElseThrow();
        double to =
                windows.stream().mapToDouble(PinWindow::maxMillimetres).min().orElseThrow();
        return from > to ? tool : tool.withPins(whole(from, to));
    }

    /** The middle, in whole millimetres where one lies between. */
    static double whole(double from, double to) {
        double middle = (from + to) / 2;
        return DoubleStream.of(Math.round(middle), Math.floor(middle), Math.ceil(middle))
                .filter(mm -> mm >= from && mm <= to)
                .findFirst()
                .orElse(middle);
    }

    private static Tool withHead(Tool tool, List<Purpose> named) {
        Optional<HeadShape> most = named.stream()
                .collect(Collectors.groupingBy(purpose -> purpose.need().head(), Collectors.counting()))
                .entrySet()
                .stream()
                .max(Map.Entry.<HeadShape, Long>comparingByValue()
                        .thenComparing(Map.Entry.comparingByKey(Comparator.reverseOrder())))
                .map(Map.Entry::getKey);
        return tool.head().isEmpty() ? tool : most.map(tool::withHead).orElse(tool);
    }

    /** For nothing less good, neither as it is graded once it is owned nor as what was asked for. */
    private static boolean noWorse(Tool tool, Tool than, Grading grading, List<Purpose> purposes) {
        return purposes.stream().allMatch(purpose -> Stream.of(true, false)
                .allMatch(asAskedFor ->
                        grading.grade(tool, purpose, asAskedFor) >= grading.grade(than, purpose, asAskedFor)));
    }
}
