package rustictangle.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.stream.IntStream;
import rustictangle.core.routine.SetUp;

/**
 * What one dog asks for, or all that is done besides brushing.
 *
 * @param jobs       of the same days
 * @param setUp      minutes that a session takes besides its brushing; 0: nothing is set up, and every day is as good
 * @param setUpToday the same today; 0 while a session is going on
 * @param sitting    most minutes of brushing that the dog or its hands take in a day
 * @param sittingToday what of it is left today
 * @param whole      whether all of it is brushed each time, where a day holds that
 * @param minutes    that there are each day; none: as many as it takes
 */
record DogJobs(
        List<Job> jobs,
        double setUp,
        double setUpToday,
        double sitting,
        double sittingToday,
        boolean whole,
        double[] minutes) {

    DogJobs {
        jobs = List.copyOf(jobs);
    }

    /** The same in so many minutes each day. */
    DogJobs in(double[] minutesOfDays) {
        return new DogJobs(jobs, setUp, setUpToday, sitting, sittingToday, whole, minutesOfDays);
    }

    double setUp(int day) {
        double usual = day == 0 ? setUpToday : setUp;
        return minutes.length == 0 ? usual : SetUp.on(usual, minutes[day]);
    }

    int mostPlaces(int day) {
        return minutes.length == 0 ? Integer.MAX_VALUE : SetUp.mostPlaces(minutes[day]);
    }

    double sitting(int day) {
        return day == 0 ? sittingToday : sitting;
    }

    int end() {
        return jobs.stream().mapToInt(Job::end).max().orElse(0);
    }

    /**
     * As it is planned in so much time: of a dog that is brushed whole, all that can be brushed from the same day on is one
     * job. Where no day and no sitting hold that, it is planned place by place.
     */
    DogJobs together(double[] time) {
        double brushing = jobs.stream().mapToDouble(Job::minutes).sum();
        boolean fits = brushing <= sitting
                && IntStream.range(0, time.length).anyMatch(day -> brushing + setUp(day) <= time[day]);
        if (!whole || !fits) {
            return this;
        }
        List<Job> groups = Arrays.stream(begins())
                .mapToObj(from -> Job.together(
                        jobs.stream().filter(job -> job.from() == from).toList()))
                .toList();
        return new DogJobs(groups, setUp, setUpToday, sitting, sittingToday, true, minutes);
    }

    /** Each job's days, where all that begins together is brushed together. */
    List<BitSet> apart(List<BitSet> days) {
        if (days.size() == jobs.size()) {
            return days;
        }
        int[] begins = begins();
        List<BitSet> each = new ArrayList<>();
        jobs.forEach(job -> each.add(days.get(Arrays.binarySearch(begins, job.from()))));
        return each;
    }

    private int[] begins() {
        return jobs.stream().mapToInt(Job::from).distinct().sorted().toArray();
    }
}
