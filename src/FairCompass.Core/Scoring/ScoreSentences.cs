using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>Says a scoring rule in sentences.</summary>
public static class ScoreSentences
{
    /// <summary>The rule of one score, a sentence each.</summary>
    public static Eq<string> Of(ScoreComponent c, ScoreSheet sheet, Course course)
    {
        var pieces = c.Pieces.Select(k => course.Piece(k)!).ToList();
        var of = c.Source.Of.Count > 0 ? Words.Join(c.Source.Of.Select(w => w.ToString()))
            : pieces.All(p => !p.Piece.IsNamed) || pieces.Count > 4 ? "the work" : Words.Join(pieces.Select(p => p.Piece.Name));
        var lines = new List<string>
        {
            Words.Capital(c.Name) + " is " + c.Measured switch
            {
                Measured.Time => $"the time of {of}{(c.ByHallClock ? " on the hall clock" : "")}, {Resolution(sheet)}. Less is better.",
                Measured.Load => $"the heaviest good lift of {of}. More is better.",
                Measured.SumOfLoads => $"the sum of each lifter’s heaviest good lift of {of}. More is better.",
                Measured.RoundsAndUnits => $"the full rounds and further reps of {of}. More is better.",
                _ => $"the {(c.Word == "m" ? "metres" : c.Word + "s")} of {of}. More is better.",
            },
        };
        if (c.Measured is Measured.Units && c.Tally.Of == TallyOf.Credit)
        {
            lines.AddRange(WorthOf(pieces));
        }

        if (c.Measured == Measured.Time)
        {
            var limit = pieces[0].Limit ?? new Limit(Duration.Zero, []);
            var cap = limit.Gates.Count == 0 ? limit.Base.ToString() : $"{limit.Base}, or {limit.Longest} past {(limit.Gates.Count == 1 ? $"the gate at {limit.Gates[0].Units}" : "the last gate")}";
            lines.Add(c.Cap switch
            {
                CapRule.CapLine => $"Who does not finish inside {cap} ranks after every finisher, by {c.Word}s done (cap line).",
                CapRule.Penalty p => $"Who does not finish gets {(limit.Gates.Count > 0 ? $"the longest cap, {limit.Longest}," : limit.Base)} plus {p.Each} for each missing {c.Word} (penalty).",
                CapRule.AddDone => "The rule for the cap ranks more work lower and cannot be used.",
                _ => "Nobody has said how somebody is scored who does not finish.",
            });
        }

        if (c.Weight != 1)
        {
            lines.Add($"It weighs {Number.Normal(c.Weight)} in the overall table.");
        }

        if (c.Before is { } before)
        {
            var name = course.Piece(before)!.Piece.Name;
            lines.Add(c.NotReachedIsZero switch
            {
                null => $"Nobody has said what this score is when {name} is not finished.",
                true => $"Who does not finish {name} scores zero here.",
                false => $"Who does not finish {name} never reached this part and ranks after all who did.",
            });
        }

        lines.Add(c.Ties.Count == 0 ? "Nobody has said what decides a tie."
            : c.Ties[0] is Tiebreak.Shared ? "Ties share the place: 1, 2, 2, 4."
            : "A tie is decided by " + Words.Join(c.Ties.Where(t => t is not Tiebreak.Shared).Select(t => Tie(t, sheet)), "then") + "; who is still equal shares the place.");
        if (c.Measured is Measured.Load or Measured.SumOfLoads || course.Pieces.Any(p => p.Piece.IsHeaviest))
        {
            lines.Add(c.Measured is Measured.Load or Measured.SumOfLoads ? "Tried without a good lift ranks before zero, zero before not reached." : "");
        }

        lines.Add("After all results come withdrawn, then did not start.");
        return lines.Where(l => l.Length > 0).ToEq();
    }

    /// <summary>The bell and further rulings of the workout, a sentence each.</summary>
    public static Eq<string> Rulings(Workout workout) => workout.Policies.Select(p => p switch
    {
        Policy.Bell b => $"At the bell a {(b.Of == VoidedUnit.Lift ? "lift" : "rep")} counts when it is {b.When switch { BellWhen.Begun => "begun before the bell", BellWhen.Finished => "finished before the bell", _ => "finished and steady before the bell" }}.",
        Policy.GateOnSecond g => $"A gate reached exactly on its second is {(g.Counts ? "passed" : "missed")}.",
        Policy.Attempts a => $"Of {(a.N is { } n ? Words.Count(n, "submission") : "all submissions")} the {(a.Best ? "best" : "last")} counts.",
        Policy.Clips c => $"A lift without clips {(c.WithoutCounts ? "counts" : "does not count")}.",
        Policy.Club c => $"A club’s table takes the best {Words.Count(c.Best, "member")}.",
        Policy.Timing t => "Times are read " + t.Resolution switch { TimeResolution.TenthsByHand => "by hand, up to the next tenth of a second; of two watches the longer counts, of three the middle one.", TimeResolution.Hundredths => "up to the next hundredth of a second.", _ => "in whole seconds." },
        _ => "",
    }).Concat(workout.Headers.OfType<Header.Video>().Select(v => v.NoRep ? "A rep that cannot be verified on the video is no rep." : "A rep that cannot be verified on the video leaves the score open."))
        .Concat(workout.Headers.OfType<Header.Levels>().Where(l => l.BoardEach).Select(l => $"{Words.Join(l.Names.Select(n => n.ToString()))} are ranked on boards of their own.")).Where(x => x.Length > 0).ToEq();

    private static string Resolution(ScoreSheet sheet) => sheet.Resolution switch
    {
        TimeResolution.TenthsByHand => "by hand, up to the next tenth of a second",
        TimeResolution.Hundredths => "up to the next hundredth of a second",
        _ => "in whole seconds off the hall clock",
    };

    /// <summary>What does not count one for one, a sentence each.</summary>
    private static IEnumerable<string> WorthOf(List<CoursePiece> pieces) => pieces.SelectMany(p => p.Tasks).Select(t =>
    {
        var options = t.Options.Count > 0 ? t.Options.Select(o => (o.Name, Words: Explaining.Ledgers.CreditWords(o.Unit, o.Count))) : [(Name: t.Prescription.Movement.Value, Words: Explaining.Ledgers.CreditWords(t.Counted, t.Count))];
        var said = options.Where(o => o.Words is not null).Select(o => $"{o.Name}: {o.Words}").ToList();
        return said.Count == 0 ? "" : Words.Capital(string.Join("; ", said)) + ".";
    }).Where(s => s.Length > 0).Distinct();

    private static string Tie(Tiebreak tie, ScoreSheet sheet) => tie switch
    {
        Tiebreak.TimeAtRound { Round: { } r } => $"the earlier time at the end of round {r}",
        Tiebreak.TimeAtRound => "the earlier time at the end of the last full round",
        Tiebreak.TimeAtGate => "the earlier time at the last gate passed",
        Tiebreak.MoreOf m => $"more {m.Word}",
        Tiebreak.LowestMember => "the better count of the member who has least",
        Tiebreak.Other o when sheet.IndexOf(o.Label) >= 0 => $"the better score {o.Label}",
        _ => "nothing",
    };
}
