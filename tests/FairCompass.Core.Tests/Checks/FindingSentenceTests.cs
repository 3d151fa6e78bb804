using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Checks;

/// <summary>What a finding says, and at which line: the words a head judge reads beside the draft.</summary>
public class FindingSentenceTests
{
    private const string One = "T\n  for Tideline, Estuary, Meadow\n  a/b is man/woman\n\n";
    private const string Pairs = "T\n  for Ferry Pairs\n  a/b is man/woman\n\n";
    private const string Timed = "\nscore: time\n  unfinished: cap line by reps\n  tie: shared\n";
    private const string Reps = "\nscore: reps\n  tie: shared\n";

    private static string Loads(string details) => One + "9:00 for time\n  10 power clean, " + details + "\n" + Timed;

    private static string Share(string phrases) => Pairs + "9:00 for time\n  20 pull-up\n    share: " + phrases + "\n" + Timed;

    private static string Gates(string work) => One + "9:00 for time\n" + work + Timed;

    public static TheoryData<string, string, int, string> Cases =>
        new()
        {
            {
                "impossible-number",
                One + "4:00:01 for reps\n  max sit-up\n" + Reps,
                5,
                "4:00:01 is longer than four hours. Is it minutes and seconds?"
            },
            {
                "metres-among-reps",
                One + "9:00 for reps\n  10 sit-up\n  max m rowing machine\n" + Reps,
                7,
                "Each metre counts as a rep here."
            },
            {
                "metres-among-reps",
                One + "9:00 for reps\n  10 sit-up\n  200 m rowing machine\n" + Reps,
                7,
                "200 m count as many reps here."
            },
            { "impossible-number", One + "9:00 for time\n  0 rounds\n    5 sit-up\n  5 pull-up\n" + Timed, 6, "0 rounds are no work." },
            {
                "impossible-number",
                One + "9:00 for time\n  10-0-5 of\n    sit-up\n" + Timed,
                6,
                "An amount of 0 is no work; leave the line out."
            },
            { "impossible-number", One + "9:00 for time\n  2.5 sit-up\n" + Timed, 6, "2.5 cannot be counted: amounts are whole numbers." },
            {
                "impossible-number",
                One + "9:00 for time\n  10 sit-up\n    Meadow: 10001\n" + Timed,
                7,
                "10001 in one round is more than anybody does."
            },
            {
                "impossible-number",
                One + "9:00 for load\n  heaviest set of 51 front squat\n\nscore: best load\n  tie: shared\n",
                6,
                "A heaviest set has from 1 to 50 reps."
            },
            { "impossible-number", Loads("0/40 kg"), 6, "A load of 0 is no load; leave it out." },
            { "impossible-number", Loads("700/40 kg"), 6, "700 kg is more than anybody lifts in an event." },
            { "units-disagree", Loads("60/40 kg or 155/85 lb"), 6, "60 kg and 155 lb are not one load: 155 lb is 70.3 kg." },
            { "units-disagree", Loads("60/40 kg or 135/105 lb"), 6, "40 kg and 105 lb are not one load: 105 lb is 47.6 kg." },
            {
                "impossible-number",
                One + "9:00 for time\n  10 dumbbell hang clean and jerk, 5 x 10/7.5 kg\n" + Timed,
                6,
                "Nobody holds 5 implements at once."
            },
            {
                "impossible-number",
                One + "9:00 for time\n  10 box jump-over, box 2001/50 cm\n" + Timed,
                6,
                "2001 cm is no height for this."
            },
            {
                "sharing-impossible",
                One + "9:00 for reps\n  max sit-up\n    share: one at a time\n" + Reps,
                7,
                "Tideline is for one athlete, so there is nothing to share."
            },
            { "sharing-impossible", Share("by 3 members"), 7, "By 3 members, but 2 are there." },
            {
                "sharing-impossible",
                Share("one at a time, at least 11 each"),
                7,
                "At least 11 each of 2 are 22, more than the 20 there are."
            },
            {
                "sharing-impossible",
                Share("one at a time, at least 5 a turn, at most 4 in a row"),
                7,
                "At least 5 a turn, but at most 4 in a row."
            },
            { "sharing-impossible", Share("one at a time, at most 0 in a row"), 7, "At most 0 in a row is no work." },
            { "sharing-impossible", Share("one at a time, any number at a time"), 7, "One at a time and together exclude each other." },
            { "sharing-impossible", Share("one at a time, in fixed order, in rotation"), 7, "Two orders of turns exclude each other." },
            { "sharing-impossible", Share("one at a time, hand tag, no hand tag"), 7, "A hand tag is asked and not asked." },
            { "gate-misplaced", Gates("  10 sit-up\n  gate, adds 0:00\n  10 pull-up\n"), 7, "This gate adds no time." },
            {
                "gate-misplaced",
                Gates("  gate, adds 2:00\n  10 sit-up\n"),
                6,
                "Nothing is done before this gate, so everybody passes it at 0:00."
            },
            {
                "gate-misplaced",
                Gates("  5 rounds\n    gate, adds 2:00\n    10 sit-up\n"),
                7,
                "Nothing is done in the round before this gate."
            },
            {
                "gate-misplaced",
                Gates("  10 sit-up\n  gate, round 2 only, adds 2:00\n  10 pull-up\n"),
                7,
                "There are no rounds around this gate."
            },
            {
                "gate-misplaced",
                Gates("  5 rounds\n    10 sit-up\n    gate, round 6 only, adds 2:00\n"),
                8,
                "There are 5 rounds, so no round 6."
            },
            {
                "gate-misplaced",
                Gates("  5 rounds\n    10 sit-up\n    gate, round 4 only, adds 2:00\n    gate, round 3 only, adds 1:00\n"),
                9,
                "This gate in round 3 lies before the one above it in round 4."
            },
            { "gate-misplaced", Gates("  10 sit-up\n  gate, adds 2:00-1:00\n  10 pull-up\n"), 7, "2 times, but the gate is passed once." },
            {
                "gate-misplaced",
                Gates("  3 rounds\n    10 sit-up\n    gate, adds 2:00-1:00-1:00-1:00\n"),
                8,
                "4 times, but the gate is passed 3 times."
            },
            {
                "series-misfit",
                One + "9:00 for reps\n  rounds without end\n    2-... sit-up\n" + Reps,
                7,
                "“2-...” has an unknown step: write at least two terms."
            },
            {
                "series-misfit",
                One + "9:00 for reps\n  rounds without end\n    2-4-7-... sit-up\n" + Reps,
                7,
                "“2-4-7-...” does not rise by equal steps, so it cannot be continued."
            },
            { "series-misfit", One + "9:00 for reps\n  rounds without end\n    4-4-... sit-up\n" + Reps, 7, "“4-4-...” stands still." },
            {
                "series-misfit",
                One + "9:00 for reps\n  rounds without end\n    8-6-... sit-up\n" + Reps,
                7,
                "“8-6-...” falls and runs out; close it with a last term."
            },
            {
                "series-misfit",
                One + "9:00 for time\n  4 rounds\n    2-4-...-9 sit-up\n" + Timed,
                7,
                "“2-4-...-9” never meets its last term with steps of 2."
            },
            { "not-understood", One + "9:00 for time\n  sit-up\n" + Timed, 6, "How many? A task begins with its amount." },
            {
                "policy-misfit",
                One + "9:00 for time\n  10 sit-up\n" + Timed + "policy dropping, for Harbour: allowed\n",
                11,
                "There is no division “Harbour”."
            },
            {
                "policy-misfit",
                One + "9:00 for time\n  10 sit-up\n" + Timed + "standard moonwalk, start: Stand.\n",
                11,
                "“moonwalk” has no standard in the book."
            },
        };

    [Theory]
    [MemberData(nameof(Cases))]
    public void A_finding_says_what_is_wrong_at_its_line(string rule, string text, int line, string sentence)
    {
        var found = Demo.Understand(text).Findings().Where(f => f.Rule == rule).ToList();
        Assert.True(
            found.Exists(f => f.At.Line == line && f.Sentence == sentence),
            string.Join('\n', Demo.Understand(text).Findings().Select(f => $"{f.Rule} {f.At.Line} {f.Sentence}"))
        );
    }

    /// <summary>No sentence is cut short, doubled, or about the program instead of the work.</summary>
    [Fact]
    public void Every_sentence_is_one()
    {
        foreach (
            var text in Cases
                .Select(c => (string)c[1])
                .Concat(CheckTests.Cases.Select(c => (string)c[1]))
                .Concat(DraftTexts.DemoNames.Select(DraftTexts.Read))
        )
        {
            var found = Demo.Understand(text).Findings();
            Assert.All(
                found,
                f =>
                {
                    Assert.Matches("^[\\p{Lu}\\d“+].*[.?]$", f.Sentence);
                    Assert.DoesNotContain("  ", f.Sentence, StringComparison.Ordinal);
                    Assert.DoesNotMatch("null|Exception|index|parse", f.Sentence);
                    Assert.Matches("^\\p{Lu}.*[.]$", f.Why);
                }
            );
            Assert.Equal(found.Count, found.Select(f => (f.Key, f.At.Line, f.At.Column, f.Sentence)).Distinct().Count());
        }
    }
}
