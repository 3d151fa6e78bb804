using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>Rules, scores and policies.</content>
public sealed partial class Printer
{
    private static string Rule(Rule rule) =>
        rule switch
        {
            Workouts.Rule.Share r => "share: " + string.Join(", ", r.Phrases.Select(Phrase)),
            Workouts.Rule.Hold r => Hold(r),
            Workouts.Rule.ReRig r => $"re-rig: {(r.To is { } to ? Detail(to) + " " : "")}"
                + $"{(r.Added is { } on ? $"+ {Detail(on)} a side " : "")}by {r.By}{(r.Window is { } w ? $", in window {w}" : "")}"
                + $"{(r.InChange ? ", in the change" : "")}",
            Workouts.Rule.Help r => "help: "
                + r.Act switch
                {
                    HelpAct.LoadPlates => "load plates",
                    HelpAct.Spot => "spot",
                    HelpAct.LiftUp => "lift up",
                    _ => "move kit",
                }
                + $" by {r.By}"
                + r.Voids switch
                {
                    VoidedUnit.Rep => ", the rep does not count",
                    VoidedUnit.Lift => ", the lift does not count",
                    _ => "",
                },
            Workouts.Rule.Touch r => "touch: " + r.Text,
            Workouts.Rule.Remark r => "note: " + r.Text,
            Workouts.Rule.ClauseHere r => $"standard {r.Clause}: {r.Text}",
            _ => throw new InvalidOperationException("A rule without a printed form."),
        };

    private static string Phrase(SharePhrase p) =>
        p.Is switch
        {
            ShareKind.OneAtATime => "one at a time",
            ShareKind.AnyNumber => "any number at a time",
            ShareKind.AnySplit => "any split",
            ShareKind.InRotation => "in rotation",
            ShareKind.InFixedOrder => ("in fixed order " + string.Join(", ", p.Order.Select(n => Text.Words.Ordinal(n)))).TrimEnd(),
            ShareKind.TurnsByRound => "taking turns by the round",
            ShareKind.AttemptIsTurn => "an attempt is a turn",
            ShareKind.HandTag => "hand tag",
            ShareKind.NoHandTag => "no hand tag",
            ShareKind.TogetherAt => "together at " + p.Text,
            ShareKind.ByMembers => $"by {p.N} members",
            ShareKind.AtLeast => $"at least {p.N} {p.Text}",
            ShareKind.CountByMember => "count by member",
            ShareKind.Short => "short is "
                + p.Short switch
                {
                    ShortShare.Owed => "owed",
                    ShortShare.NotCounted => "not counted",
                    _ => "no result",
                },
            ShareKind.AtMost => $"at most {p.N} in a row",
            ShareKind.AtMostTries => $"at most {p.N} tries in a row",
            ShareKind.HandOverAt => "hand over at " + p.Text,
            _ => "hand over after " + (p.N is { } n ? $"{n} reps" : p.Text),
        };

    private static string Hold(Rule.Hold r) =>
        $"hold: {r.Holders} crew-mate in {r.Position}, {(r.Load is { } load ? Detail(load) + ", " : "")}"
        + (r.WholeTurn ? "for the whole turn" : "for every whole rep")
        + (r.AnotherEachCycle ? ", another holder each cycle" : "")
        + (r.MayPause ? ", may pause between reps" : "")
        + (r.OthersTakeOver ? ", another may take over" : "")
        + r.Broken switch
        {
            null => "",
            { Lost: LostWork.Rep } => ", broken: rep lost",
            { Lost: LostWork.Set } => ", broken: set lost",
            var b => $", broken: {b.Work} {b.Movement} by the team",
        };

    private void Score(Score score)
    {
        Line(0, $"score{(score.Label is { } l ? " " + l : "")}: {Measured(score)}{Of(score.Of)}", score.Note);
        foreach (var line in score.Lines)
        {
            Line(1, ScoreLine(line), line.Note);
        }
    }

    private static string Measured(Score score)
    {
        if (score.Selection is not { } pick)
        {
            return Measure(score.Measure);
        }

        if (score.Measure == Workouts.Measure.Time)
        {
            return pick.Lowest ? "slowest cycle" : "fastest cycle";
        }

        var of = pick.Of.ToString().ToLowerInvariant();
        var words =
            pick.N == 1 && pick.Of != SelectionOf.Load ? $"{(pick.Lowest ? "lowest" : "best")} {of}" : $"sum of the best {pick.N} {of}s";
        return pick.Of == SelectionOf.Load || score.Measure == Workouts.Measure.Reps ? words : $"{words} by {Measure(score.Measure)}";
    }

    private static string ScoreLine(ScoreLine line) =>
        line switch
        {
            Workouts.ScoreLine.Penalty l => $"unfinished: +{Time(l.Each)} for each {(l.Missing ? "missing " : "")}"
                + $"{l.Of switch { CountedAs.Calories => "calorie", CountedAs.Metres => "metre", _ => "rep" }}"
                + $"{(l.Missing ? "" : " done")}{(l.FromOwnCap ? ", from the own cap" : "")}",
            Workouts.ScoreLine.CapLine l => $"unfinished: cap line by {l.By.ToString().ToLowerInvariant()}",
            Workouts.ScoreLine.Cascade l => $"{l.Part} unfinished: {(l.NotReached ? "not reached" : "zero")}",
            Workouts.ScoreLine.TieShared => "tie: shared",
            Workouts.ScoreLine.TieScore l => "tie: score " + l.Label,
            Workouts.ScoreLine.TieMeasure l => $"tie: {Measure(l.Measure)}{Of(l.Of)}",
            Workouts.ScoreLine.TieTime l => "tie: time at "
                + l.Mark switch
                {
                    TieMark.Round => $"round {l.Round}",
                    TieMark.LastFullRound => "the last full round",
                    TieMark.Checkpoint => l.Name,
                    TieMark.Rep => $"rep {l.Round} of {l.Name}",
                    TieMark.Half => "half of the work",
                    _ => "the last gate passed",
                },
            Workouts.ScoreLine.TieLowestMember => "tie: lowest member",
            Workouts.ScoreLine.NoGoodLift l => "no good lift: "
                + l.Is switch
                {
                    LifterWithout.Zero => "zero",
                    LifterWithout.NotScored => "not scored",
                    _ => "the others stand",
                },
            Workouts.ScoreLine.FaultCosts l => $"penalty: {FaultCost(l)} for each {l.Fault}{FaultMost(l)}",
            Workouts.ScoreLine.Partial l => "partial: "
                + l.Is switch
                {
                    PartialDistance.WholeSections => "whole sections",
                    PartialDistance.WholeMetres => "whole metres",
                    _ => "the mark passed",
                },
            Workouts.ScoreLine.Weight l => "weight " + l.Of,
            _ => throw new InvalidOperationException("A score line without a printed form."),
        };

    private static string FaultCost(Workouts.ScoreLine.FaultCosts l) => l.Time is { } time ? Time(time) : Reps(-(l.Units ?? 0));

    private static string FaultMost(Workouts.ScoreLine.FaultCosts l) =>
        l.MostTime is { } time ? $", at most {Time(time)}"
        : l.MostUnits is { } units ? $", at most {Reps(units)}"
        : "";

    private static string Reps(int n) => n is 1 or -1 ? $"{n} rep" : $"{n} reps";

    private static string Measure(Measure measure) =>
        measure switch
        {
            Workouts.Measure.Time => "time",
            Workouts.Measure.HallClock => "time by the hall clock",
            Workouts.Measure.RoundsAndReps => "rounds and reps",
            Workouts.Measure.BestLoad => "best load",
            Workouts.Measure.Height => "height",
            Workouts.Measure.FullIntervals => "full intervals",
            Workouts.Measure.SumOfBestLoads => "sum of best loads",
            _ => measure.ToString().ToLowerInvariant(),
        };

    private static string ForNames(Eq<Who> names) => names.Count == 0 ? "" : ", for " + string.Join(", ", names);

    private static string Policy(Policy policy) =>
        policy switch
        {
            Workouts.Policy.Bell p => $"bell: a {(p.Of == VoidedUnit.Lift ? "lift" : "rep")} counts when "
                + $"{p.When switch { BellWhen.Begun => "begun", BellWhen.Finished => "finished", _ => "finished and steady" }}",
            Workouts.Policy.GateOnSecond p => "gate on the second: " + (p.Counts ? "counts" : "misses"),
            Workouts.Policy.Attempts p =>
                $"attempts: {(p.Best ? "best" : "last")} of {p.N?.ToString(System.Globalization.CultureInfo.InvariantCulture) ?? "all"}",
            Workouts.Policy.Clips p => "clips: a lift without them " + (p.WithoutCounts ? "counts" : "does not count"),
            Workouts.Policy.Timing p => "timing: "
                + p.Resolution switch
                {
                    TimeResolution.TenthsByHand => "tenths by hand",
                    TimeResolution.Hundredths => "hundredths",
                    _ => "whole seconds",
                },
            Workouts.Policy.Club p => $"club: best {p.Best} members",
            Workouts.Policy.Answered p => $"policy {p.Topic}{ForNames(p.For)}: {p.Answer}",
            Workouts.Policy.Waived p => $"waive: {p.Rule}, {p.Reason}",
            Workouts.Policy.ClauseOf p => $"standard {p.Movement}, {p.Clause}{ForNames(p.For)}: {p.Text}",
            _ => throw new InvalidOperationException("A rule without a printed form."),
        };
}
