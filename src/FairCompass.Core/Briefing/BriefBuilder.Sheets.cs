using System.Globalization;
using FairCompass.Core.Checks;
using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Explaining;
using FairCompass.Core.Format;
using FairCompass.Core.Kit;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <summary>The working papers of the day: who calls, who moves kit, who counts, who computes, who measures.</summary>
public sealed partial class BriefBuilder
{
    private Brief Sheet(Audience audience, string who)
    {
        var sections = audience switch
        {
            Audience.Caller => Caller(),
            Audience.FloorCrew => Crew(),
            Audience.ScoreDesk => Desk(),
            Audience.LaneCard => Lane(),
            Audience.Measurement => Measurement(),
            Audience.Video => Video(),
            _ => [Work(), Loads(), new("standing", "", [new BriefBlock.Paragraph("Scoring: " + string.Join(' ', shown.Count == 0 ? [] : u.Sheets[shown[0]].Components.Select(c => ScoreSentences.Of(c, u.Sheets[shown[0]], u.Courses[shown[0]])[0])))])],
        };
        return new(audience, u.Competition.Name, u.Workout.Title, who, date, Fingerprint.Of(u).Code, u.Findings().Count(f => f.Severity == Severity.MustFix), sections.Where(s => s.Blocks.Count > 0).ToEq());
    }

    /// <summary>The standards in force of the movements that are done, each once.</summary>
    private List<Movement> Standards() => Movements().Select(m => m.Movement).OfType<Movement>().DistinctBy(m => m.Id).Select(InForce).ToList();

    private Timeline? HallClock() => shown.Count > 0 ? Timeline.Of(u.Courses[shown[0]]) : Timeline.Of(u.Workout);

    private IEnumerable<BriefSection> Caller()
    {
        if (HallClock() is not { } clock)
        {
            yield break;
        }

        yield return new("calls", "Every call", [new BriefBlock.Table(null, ["Clock", "Say", "Said"], clock.Calls.Select(c => new BriefRow([c.At.ToString(), "“" + Words.Capital(c.Words) + "”", ""])).ToEq())]);
        if (clock.Forks.Count > 0)
        {
            yield return new("forks", "Where the clock goes on for some", [new BriefBlock.Table(null, ["Clock", "Who has done", "goes on until", "all others"],
                clock.Forks.Select(f => new BriefRow([f.At.ToString(), f.Units.ToString(CultureInfo.InvariantCulture), f.Until.ToString(), "stop"])).ToEq())]);
        }

        if (clock.Spans.Any(s => s.Silent))
        {
            yield return new("silent", "Where nobody calls", [new BriefBlock.Points([.. clock.Spans.Where(s => s.Silent).Select(s => $"{s.Starts}: the clock rolling over is the call.")])]);
        }

        yield return new("before", "Before “go”", [new BriefBlock.Points(["Ask the head judge: judges ready, kit ready, lanes clear.", "The clock that all can see is the only one.", "Anyone may stop a lane; the caller does not restart it: the head judge does."])]);
    }

    private IEnumerable<BriefSection> Crew()
    {
        var rows = new List<BriefRow>();
        foreach (var task in u.Prescribed.Where(p => columns.Exists(i => ReferenceEquals(u.Resolver.Addresses[i], p.Address)) && !(p.IsMenuHead && p.Option is null) && p.At == default)
            .GroupBy(p => (p.Source.At.Line, p.Prescription.Movement.Value)).OrderBy(g => g.Key.Line))
        {
            var movement = Book.Find(task.Key.Value);
            foreach (var load in task.GroupBy(p => (Text: Carried(p, movement), Height: string.Join(", ", p.Prescription.Heights.Select(h => h.Value.ToString())))).Where(g => g.Key.Text.Length > 0 || g.Key.Height.Length > 0))
            {
                rows.Add(new([Words.Capital(task.Key.Value), load.Count() == columns.Count ? "all" : Words.Join(load.Select(p => p.Address.ToString()).Distinct()), load.Key.Text, load.Key.Height]));
            }
        }

        yield return new("kit", "Kit and plates of a lane", rows.Count == 0 ? [new BriefBlock.Paragraph("No load and no height is set in this workout.")] : [new BriefBlock.Table(null, ["For", "Lane of", "Set up", "Height"], rows.ToEq())]);
        var changes = WorkTree.All(u.Workout).SelectMany(w => w switch { Work.RuleLine { Rule: Rule.ReRig r } => [r], Work.Task t => t.Lines.OfType<TaskLine.RuleOf>().Select(l => l.Rule).OfType<Rule.ReRig>(), _ => Enumerable.Empty<Rule.ReRig>() }).ToList();
        if (changes.Count > 0)
        {
            yield return new("changes", "Changed on the way", [new BriefBlock.Points([.. changes.Select(r => $"The load is changed by {r.By}{(r.Window is { } n ? $", in window {n}" : "")}{(r.InChange ? ", in the change" : "")}.")])]);
        }

        if (HallClock() is { } clock && clock.Spans.Any(s => s.Where.Count > 0))
        {
            yield return new("minutes", "Minute by minute", [new BriefBlock.Table(null, ["Clock", "Who is where"], clock.Spans.Where(s => s.Where.Count > 0)
                .Select(s => new BriefRow([$"{s.Starts} to {s.Ends}", Words.Join(s.Where.GroupBy(w => w.Does).Select(g => $"{Words.Join(g.Select(w => w.Who ?? "all"))}: {g.Key}"))])).ToEq())]);
        }

        var plates = Book.InForce(Topics.Find("plates")!, null, u.Workout)?.Answer;
        yield return new("rules", "Rules", [new BriefBlock.Points([.. ((string[])[plates switch { "floor crew" => "You change plates, at the head judge’s sign.", "team mates" => "Team mates change plates; you do not.", "athlete" => "The athlete changes plates, on the clock; you do not.", _ => "" },
            "Plates lie at the lane’s edge, outside the space where a bar can fall; clips on.", "Same side, same order: inner plates stay on, the heaviest nearest the sleeve’s collar.", "Between heats: monitors to zero, bars to the first load, chalk and sweat off."]).Where(x => x.Length > 0)])]);
        yield return new("cautions", "Cautions", [new BriefBlock.Points(Cautions.For(Standards(), u.Workout).ToEq())]);
    }

    /// <summary>What carries a load, with the plates on each side of a bar.</summary>
    private string Carried(Prescriptions.PrescribedTask task, Movement? movement)
    {
        if (task.Prescription.Load is not { } load)
        {
            return "";
        }

        var value = load.Value;
        var said = value.ToString()!;
        if (movement?.Kit != MovementKit.Barbell || value.Values.At(0) is not { } first || value.Unit != u.Competition.Unit)
        {
            return said;
        }

        var kit = u.Competition.Kit;
        var bar = string.Equals(task.Address.Duty, "woman", StringComparison.OrdinalIgnoreCase) ? kit.WomenBar : kit.MenBar;
        return BarLoads.OneSide(first, bar, kit) is { } side
            ? $"{said}: bar {Number.Normal(bar)}{(side.Count == 0 ? ", no plates" : ", each side " + string.Join(" + ", side.Select(Number.Normal)))}{(value.Values.IsConstant ? "" : " to begin with")}"
            : said;
    }

    private IEnumerable<BriefSection> Desk()
    {
        if (shown.Count == 0)
        {
            yield break;
        }

        yield return Scoring();
        var rows = new List<BriefRow>();
        foreach (var i in shown)
        {
            foreach (var piece in u.Courses[i].Pieces.Where(p => p.Strand is { TooLarge: false, Units: not null }))
            {
                var strand = piece.Strand!;
                rows.Add(new([u.Courses[i].Address.ToString(), piece.Piece.IsNamed ? piece.Piece.Name : "all the work", strand.Units!.Value.ToString(CultureInfo.InvariantCulture), strand.Rounds is { } n && n > 1 ? n.ToString(CultureInfo.InvariantCulture) : "–"]));
            }
        }

        if (rows.Count > 0)
        {
            // Entries of the same totals stand in one row.
            var grouped = rows.GroupBy(r => (r.Cells[1], r.Cells[2], r.Cells[3])).Select(g => new BriefRow([g.Count() == shown.Count ? "all" : Words.Join(g.Select(r => r.Cells[0])), g.Key.Item1, g.Key.Item2, g.Key.Item3]));
            yield return new("sums", "Check sums: no card can say more", [new BriefBlock.Table(null, ["Entry", "Part", "Counted units", "Rounds"], grouped.ToEq())]);
        }

        yield return Writing();
        yield return new("refuse", "Send a card back when", [new BriefBlock.Points(["a time is after the cap, or a tie-break time is after the finish", "all units are done and there is no time, or there is a time and units are missing", "a signature, the division, the lane or the heat is missing", "its code is not the code of this page: another version was judged"])]);
    }

    private IEnumerable<BriefSection> Lane()
    {
        yield return new("who", "", [new BriefBlock.Blanks(["Athlete or team", "Gym", "Division", "Heat", "Lane", "Judge", "Credential", "Date"])]);
        if (shown.Count == 0)
        {
            yield break;
        }

        var (course, sheet) = (u.Courses[shown[0]], u.Sheets[shown[0]]);
        foreach (var piece in course.Pieces.Where(p => p.Strand is { TooLarge: false }))
        {
            foreach (var group in shown.Select(i => (Piece: u.Courses[i].Pieces.FirstOrDefault(p => p.Piece.Key == piece.Piece.Key), u.Courses[i].Address)).Where(x => x.Piece?.Strand is { TooLarge: false })
                .GroupBy(x => string.Join('|', x.Piece!.Tasks.Select(t => t.Count?.ToString() + t.Unit + t.Counted))))
            {
                var table = Running(group.First().Piece!, group.Count() == shown.Count ? "" : " · " + Words.Join(group.Select(g => g.Address.ToString())));
                yield return new("count-" + piece.Piece.Key, "Cross off", [table]);
            }
        }

        foreach (var piece in course.Pieces.Where(p => p.Piece.IsHeaviest))
        {
            yield return new("tries-" + piece.Piece.Key, $"{piece.Piece.Name}: every lift", [new BriefBlock.Table(null, ["Try", "Load", "Good", "Missed"], Enumerable.Range(1, 6).Select(n => new BriefRow([n.ToString(CultureInfo.InvariantCulture), "", "□", "□"])).ToEq())]);
        }

        yield return new("write", "Write down", [new BriefBlock.Blanks([.. Asked(course, Card.Fields(course, sheet)).Select(f => f.TrimEnd('.'))])]);
        var rests = HallClock()?.OwnRests ?? [];
        if (rests.Count > 0)
        {
            yield return new("rests", "Own rest", [new BriefBlock.Table(null, ["After", "Finished at", "May restart at"], rests.Select(r => new BriefRow([r.AfterUnits.ToString(CultureInfo.InvariantCulture), "", $"+ {r.Length}: "])).ToEq())]);
        }

        var kits = Standards();
        if (kits.Exists(m => m.Kit == MovementKit.Machine))
        {
            yield return new("read", "Read now, before it goes dark", [new BriefBlock.Blanks([.. kits.Where(m => m.Kit == MovementKit.Machine).Select(m => $"Monitor of the {m.Name.English}")])]);
        }

        yield return new("noreps", "No-reps called", [new BriefBlock.Table(null, ["Movement", "One stroke each"], kits.Select(m => new BriefRow([Words.Capital(m.Name.English), ""])).ToEq())]);
        yield return new("sign", "", [new BriefBlock.Blanks(["Judge’s signature", "Athlete’s signature"])]);
    }

    private IEnumerable<BriefSection> Measurement()
    {
        var measured = Standards().Where(m => m.Clauses.Any(c => c.Kind == ClauseKind.Measured)).ToList();
        if (measured.Count == 0)
        {
            yield return new("none", "Nothing to measure", [new BriefBlock.Paragraph("No movement of this workout is measured for each athlete or lane.")]);
            yield break;
        }

        yield return new("what", "What is measured", [new BriefBlock.Points([.. measured.SelectMany(m => m.Clauses.Where(c => c.Kind == ClauseKind.Measured).Select(c => $"{Words.Capital(m.Name.English)}: {c.Text.English}"))])]);
        Eq<string> head = ["Athlete", .. measured.Select(m => Words.Capital(m.Name.English)), "Measured by", "At"];
        yield return new("sheet", "One row each", [new BriefBlock.Table(null, head, Enumerable.Range(1, 16).Select(_ => new BriefRow(head.Select(_ => "").ToEq())).ToEq())]);
        yield return new("lost", "A lost mark", [new BriefBlock.Paragraph("A lost mark is measured again, never guessed; both values stay on this sheet.")]);
    }

    private IEnumerable<BriefSection> Video()
    {
        yield return new("before", "Show first", [new BriefBlock.Points([.. ((string[])["The floor plan: lines, distances, the way you face.", "Every load: plates, bar, bell, read aloud."])
            .Concat(Standards().SelectMany(m => m.Clauses).Where(c => c.Kind == ClauseKind.Measured).Select(c => c.Text.English).Distinct())
            .Concat(Standards().Where(m => m.Kit == MovementKit.Machine).Select(m => $"The monitor of the {m.Name.English}, at zero.")).Append("The clock that runs through the video, at zero.")])]);
        yield return new("during", "While it runs", [new BriefBlock.Points(["One take, no cut; the whole body in the frame all the time.", "The camera stands where the judge would: see each place below.", .. Standards().Select(m => $"{Words.Capital(m.Name.English)}: {m.Judge.Place.English}")])]);
        yield return new("after", "Show last", [new BriefBlock.Points(["The clock, then each monitor before it goes dark.", .. ScoreSentences.Rulings(u.Workout)])]);
    }
}
