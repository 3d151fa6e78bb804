using System.Globalization;
using FairCompass.Core.Courses;
using FairCompass.Core.Explaining;
using FairCompass.Core.Format;
using FairCompass.Core.Interviewing;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <summary>Makes briefs from what was understood. Every number on a paper comes from the model.</summary>
/// <param name="u">The workout.</param>
/// <param name="division">The one division it is for, or null for all.</param>
/// <param name="date">The day printed on it.</param>
public sealed partial class BriefBuilder(Understanding u, string? division, DateOnly date)
{
    private readonly List<int> shown = Enumerable.Range(0, u.Courses.Count)
        .Where(i => division is null || string.Equals(u.Courses[i].Address.Division.Name, division, StringComparison.OrdinalIgnoreCase)).ToList();

    private readonly List<int> columns = Enumerable.Range(0, u.Resolver.Addresses.Count)
        .Where(i => division is null || string.Equals(u.Resolver.Addresses[i].Division.Name, division, StringComparison.OrdinalIgnoreCase)).ToList();

    /// <summary>The brief for an audience.</summary>
    public Brief Build(Audience audience)
    {
        var names = shown.Select(i => u.Courses[i].Address.Division.Name).Distinct().ToList();
        if (audience is not (Audience.Athlete or Audience.Judge))
        {
            return Sheet(audience, Words.Join(names));
        }

        var sections = new List<BriefSection> { Work(), Loads(), Clock() };
        if (audience == Audience.Judge)
        {
            sections.Add(Standards(audience));
            sections.Add(DecidedBeforehand(audience));
            sections.Add(Writing());
            sections.Add(Scoring());
            sections.Add(new("not-yours", "Not your job",
                [new BriefBlock.Points(["Arithmetic and places: the score desk computes them.", "Moving kit or plates: the floor crew or the athlete does.", "Coaching, or explaining a standard during the heat.", "A case that is not on this page: count on, note it, and ask the head judge after the heat."])]));
        }
        else
        {
            sections.Add(Standards(audience));
            sections.Add(DecidedBeforehand(audience));
            sections.Add(Scoring());
        }

        sections.Add(new("cautions", "Cautions", [new BriefBlock.Points(Cautions.For(Movements().Select(m => m.Movement).OfType<Movement>().DistinctBy(m => m.Id).ToList(), u.Workout).ToEq())]));
        var open = u.Findings().Count(f => f.Severity == Checks.Severity.MustFix);
        return new(audience, u.Competition.Name, u.Workout.Title, Words.Join(names), date, Fingerprint.Of(u).Code, open, sections.Where(s => s.Blocks.Count > 0).ToEq());
    }

    private BriefSection Work()
    {
        var lines = new List<BriefLine>();
        foreach (var stage in u.Workout.Stages)
        {
            var printed = Printer.Print(u.Workout with { Title = "x", Note = null, Headers = [], Stages = [stage], Scores = [], Policies = [] });
            foreach (var line in printed.Split('\n').Skip(2).Where(l => l.Length > 0))
            {
                var text = line.TrimStart(' ');
                lines.Add(new((line.Length - text.Length) / 2, text));
            }
        }

        var blocks = new List<BriefBlock>();
        if (lines.Count > 0)
        {
            blocks.Add(new BriefBlock.Lines(lines.ToEq()));
        }

        if (u.Workout.Order is { } order && shown.Count > 0)
        {
            blocks.Add(new BriefBlock.Paragraph($"Two values a/b are {(order == DutyOrder.ManWoman ? "man/woman" : "woman/man")}."));
        }

        return new("work", "The workout", blocks.ToEq());
    }

    private BriefSection Loads()
    {
        var grid = GridRows.Of(u);
        var rows = new List<BriefRow>();
        foreach (var row in grid)
        {
            var cells = columns.Select(i => row.Cells[i].Text.Length == 0 ? "–" : row.Cells[i].Text).ToList();
            // An amount that is the same for all stands in the workout above.
            if (row.Aspect == "amount" && cells.Distinct().Count() == 1)
            {
                continue;
            }

            var label = row.Aspect switch { "amount" => row.Unit == "reps" ? "" : ", " + row.Unit, "load" => ", " + row.Unit, "height" => "", _ => ", instead" };
            rows.Add(new(cells.Prepend(Words.Capital(row.Name) + label).ToEq()));
        }

        if (rows.Count == 0 || shown.Count == 0)
        {
            return new("loads", "Loads and amounts", []);
        }

        var head = columns.Select(i => u.Resolver.Addresses[i]).Select(a => division is null ? a.ToString() : a.Within);
        return new("loads", "Loads and amounts", [new BriefBlock.Table(null, head.Prepend("").ToEq(), rows.ToEq())]);
    }

    private BriefSection Clock()
    {
        if ((shown.Count > 0 ? Timeline.Of(u.Courses[shown[0]]) : Timeline.Of(u.Workout)) is not { } clock)
        {
            return new("clock", "The clock", []);
        }

        var rows = clock.Calls.Select(c => new BriefRow([c.At.ToString(), "“" + Words.Capital(c.Words) + "”"])).ToEq();
        var blocks = new List<BriefBlock> { new BriefBlock.Table(null, ["Clock", "Call"], rows) };
        if (clock.Spans.Any(s => s.Where.Count > 0))
        {
            blocks.Add(new BriefBlock.Table("Who is where", ["Clock", "Where"], clock.Spans.Where(s => s.Where.Count > 0)
                .Select(s => new BriefRow([$"{s.Starts} to {s.Ends}", Words.Join(s.Where.GroupBy(w => w.Does).Select(g => $"{Words.Join(g.Select(w => w.Who ?? "all"))}: {g.Key}"))])).ToEq()));
        }

        var notes = clock.Forks.Select(f => f.Words)
            .Concat(clock.OwnRests.Select(r => $"Own rest of {r.Length}: it begins at each athlete’s own finish of {r.AfterUnits}. Write down “finished at” and “may restart at”, {r.Length} later."))
            .Append(clock.Judges > 1 ? $"A lane needs {clock.Judges} judges at the busiest moment." : "").Where(n => n.Length > 0).ToEq();
        if (notes.Count > 0)
        {
            blocks.Add(new BriefBlock.Points(notes));
        }

        return new("clock", "The clock", blocks.ToEq());
    }

    private BriefSection Standards(Audience audience)
    {
        var used = Movements().ToList();
        var blocks = new List<BriefBlock>();
        foreach (var (name, movement, who) in used)
        {
            if (movement is null)
            {
                blocks.Add(new BriefBlock.Paragraph($"{Words.Capital(name)}: no standard is written yet. Ask the head judge before the heat."));
                continue;
            }

            var standard = InForce(movement);
            var phases = standard.Clauses.Where(c => c.Kind != ClauseKind.Tip && (audience != Audience.Judge || c.Phase != Phase.SetUp));
            var rules = phases.GroupBy(c => c.Phase).Select(g => new BriefRow([StandardWords.Of(g.Key), string.Join(' ', g.Select(Worded))]))
                .Concat(Departures(movement, standard)).ToEq();
            var faults = standard.Faults.Select(f => new BriefRow([f.Sign.English, "“" + f.Call.English + "”", f.Athlete.English])).ToEq();
            blocks.Add(new BriefBlock.StandardOf(Words.Capital(movement.Name.English), who,
                audience == Audience.Judge ? movement.Judge.Place.English : null, audience == Audience.Judge ? movement.Judge.Call.English : null, rules, faults));
        }

        return new("standards", audience == Audience.Judge ? "Standards: where you stand, what you call" : "Standards", blocks.ToEq());
    }

    /// <summary>A standard as it holds for everybody who is shown, at its one place in the workout if it has only one.</summary>
    private Movement InForce(Movement movement)
    {
        var places = WorkTree.Tasks(u.Workout).Where(t => Book.Find(t.Movement)?.Id == movement.Id).ToList();
        return Book.InForce(movement, division, u.Workout, places.Count == 1 ? places[0] : null);
    }

    private StandardsBook Book => StandardsBook.Of(u.Competition);

    /// <summary>A ruling is known by its number and date.</summary>
    private static string Worded(Clause clause) => clause.From.By == Source.Ruling ? $"{clause.Text.English} ({clause.From.Detail})" : clause.Text.English;

    /// <summary>The answers of the interview that stand in no clause.</summary>
    private BriefSection DecidedBeforehand(Audience audience)
    {
        var points = Decided.Of(u, DivisionsShown).Select(d => $"{(d.For.Count == 0 ? "" : Words.Join(d.For) + ": ")}{Words.Capital(d.Topic.Name)}: {Lower(d.Label.English)}.{(d.School is null ? "" : " " + (audience == Audience.Judge ? d.School.Judges : d.School.Athletes).English)}").ToEq();
        return new("decided", "Decided beforehand", points.Count == 0 ? [] : [new BriefBlock.Points(points)]);
    }

    private List<string> DivisionsShown => shown.Select(i => u.Courses[i].Address.Division.Name).Distinct().ToList();

    private static string Lower(string text) => text.Length == 0 ? text : char.ToLowerInvariant(text[0]) + text[1..];

    /// <summary>What some divisions, or one place of several, say differently: another wording, another consequence, or nothing.</summary>
    private IEnumerable<BriefRow> Departures(Movement movement, Movement general)
    {
        foreach (var name in division is null ? DivisionsShown : [])
        {
            if (Differing(Book.InForce(movement, name, u.Workout), general) is { Length: > 0 } own)
            {
                yield return new([name, own]);
            }
        }

        var places = WorkTree.Tasks(u.Workout).Where(t => Book.Find(t.Movement)?.Id == movement.Id).ToList();
        foreach (var place in places.Count > 1 ? places : [])
        {
            if (Differing(Book.InForce(movement, division, u.Workout, place), Book.InForce(movement, division, u.Workout)) is { Length: > 0 } here)
            {
                yield return new([$"At {(place.Amount is { } amount ? Printer.Amount(amount) + " " : "")}{place.Movement}", here]);
            }
        }
    }

    private static string Differing(Movement own, Movement general)
    {
        var (texts, faults) = (general.Clauses.Select(c => c.Text).ToHashSet(), general.Faults.Select(f => (f.Sign, f.Call, f.Then, f.Athlete)).ToHashSet());
        var gone = general.Clauses.Where(c => c.Kind != ClauseKind.Tip && own.Clauses.All(o => o.Id != c.Id)).Select(c => $"Does not apply: {c.Text.English}");
        return string.Join(' ', own.Clauses.Where(c => c.Kind != ClauseKind.Tip && !texts.Contains(c.Text)).Select(Worded).Concat(gone)
            .Concat(own.Faults.Where(f => !faults.Contains((f.Sign, f.Call, f.Then, f.Athlete))).Select(f => $"{f.Sign.English} “{f.Call.English}” {f.Athlete.English}")));
    }

    /// <summary>The movements of the shown divisions, and for whom when not for all.</summary>
    private IEnumerable<(string Name, Movement? Movement, string? Who)> Movements()
    {
        var uses = u.Prescribed.Where(p => columns.Exists(i => ReferenceEquals(u.Resolver.Addresses[i], p.Address)) && !(p.IsMenuHead && p.Option is null))
            .Select(p => (p.Prescription.Movement.Value, Division: p.Address.Division.Name, p.Source.At.Line)).ToList();
        var all = shown.Select(i => u.Courses[i].Address.Division.Name).Distinct().Count();
        return uses.Select((x, i) => (x, i)).GroupBy(x => StandardsBook.Of(u.Competition).Find(x.x.Value)?.Id ?? x.x.Value)
            .OrderBy(g => g.Min(x => x.x.Line)).ThenBy(g => g.Min(x => x.i))
            .Select(g =>
            {
                var who = g.Select(x => x.x.Division).Distinct().ToList();
                return (g.First().x.Value, StandardsBook.Of(u.Competition).Find(g.First().x.Value), who.Count == all ? null : (string?)Words.Join(who));
            });
    }

    private BriefSection Writing()
    {
        var blocks = new List<BriefBlock>();
        if (shown.Count == 0)
        {
            return new("writing", "What you write down", []);
        }

        var fields = Card.Fields(u.Courses[shown[0]], u.Sheets[shown[0]]);
        if (fields.Count > 0)
        {
            blocks.Add(new BriefBlock.Points(Asked(u.Courses[shown[0]], fields)));
        }

        foreach (var piece in u.Courses[shown[0]].Pieces.Where(p => p.Strand is { TooLarge: false } && (p.Tasks.Count > 1 || p.Strand.HasRounds)).DistinctBy(p => (p.Piece.At.Line, p.Piece.Seat is null ? 0 : p.Piece.Seat)))
        {
            foreach (var group in shown.Select(i => (Piece: u.Courses[i].Pieces.First(p => p.Piece.Key == piece.Piece.Key), u.Courses[i].Address)).Where(x => x.Piece.Strand is not null)
                .GroupBy(x => string.Join('|', x.Piece.Tasks.Select(t => t.Count?.ToString() + t.Unit + t.Counted + (t.Prescription.Load is { Value.Values.IsConstant: false } bar ? bar.Value.ToString() : "")))))
            {
                var who = group.Count() == shown.Count ? "" : " · " + Words.Join(group.Select(g => g.Address.ToString()));
                blocks.Add(Running(group.First().Piece, who));
            }
        }

        return new("writing", "What you write down", blocks.ToEq());
    }

    /// <summary>The running totals, so that no judge has to add.</summary>
    private static BriefBlock.Table Running(CoursePiece piece, string who)
    {
        var rows = new List<BriefRow>();
        var tables = Ledger.Of(piece.Strand!, piece.Tasks, piece.Strand!.Units is null ? 12 : 30);
        Eq<string> head = ["", .. piece.Tasks.Select(t => Words.Capital(t.Prescription.Movement.Value))];
        var plain = tables.Count == 1 && tables[0].InRounds;
        foreach (var table in tables)
        {
            foreach (var row in table.Rows)
            {
                rows.Add(plain
                    ? new(row.Cells.Select(c => Total(c)).Prepend($"Round {row.Label}{Bar(row)}{(row.Note is null ? "" : $" ({row.Note})")}").ToEq())
                    : row.Cells.Count == 0 ? new([row.Label, Words.Capital(row.Note ?? ""), ""])
                    : new(row.Cells.SelectMany(c => new[] { Amount(c) + " " + piece.Tasks[c.Task].Prescription.Movement.Value, Total(c) }).Prepend(row.Label).ToEq()));
            }
        }

        var caption = $"{(piece.Piece.IsNamed ? piece.Piece.Name + ": r" : "R")}unning totals{who}{(piece.Strand.Units is { } n ? $", {n} in all" : "")}";
        return new(caption, plain ? head : ["Round", "Work", "Total"], rows.ToEq());
    }

    /// <summary>What the card asks; turns that repeat are one line.</summary>
    private static Eq<string> Asked(Course course, Eq<CardField> fields) => fields.Where(f => f.Field != "stood")
        .GroupBy(f => course.Piece(f.Piece)!.Piece is { } p && (p.Turn ?? p.Cycle) is not null ? $"{p.Station ?? p.Label}|{f.Field}|{f.Strand}" : $"{f.Piece}|{f.Label}")
        .Select(g =>
        {
            var (first, piece) = (g.First(), course.Piece(g.First().Piece)!.Piece);
            var label = g.Count() == 1 ? first.Label : $"{piece.Station ?? piece.Label ?? "Each cycle"}: {first.Label[(first.Label.LastIndexOf(": ", StringComparison.Ordinal) + 2)..]}, in each of {g.Count()} turns";
            return $"{Words.Capital(label)} ({first.Hint}).";
        }).ToEq();

    private static string Total(LedgerCell c) => (c.Credit ?? c.Total)?.ToString(CultureInfo.InvariantCulture) ?? "no end";

    /// <summary>The bar of a round, where it climbs from round to round.</summary>
    private static string Bar(LedgerRow row) => row.Cells.Select(c => c.Load).OfType<string>().Distinct().ToList() is { Count: > 0 } loads ? ", " + string.Join(" and ", loads) : "";

    private static string Amount(LedgerCell c) => c.Amount?.ToString(CultureInfo.InvariantCulture) ?? "max";

    private BriefSection Scoring()
    {
        if (shown.Count == 0 || u.Sheets[shown[0]].Components.Count == 0)
        {
            return new("scoring", "Scoring", []);
        }

        var index = shown[0];
        var (course, sheet) = (u.Courses[index], u.Sheets[index]);
        var blocks = new List<BriefBlock>
        {
            new BriefBlock.Points(sheet.Components.SelectMany(c => ScoreSentences.Of(c, sheet, course)).Distinct().Concat(ScoreSentences.Rulings(u.Workout)).ToEq()),
        };
        var samples = SampleRuns.Of(course, sheet, u.Competition);
        if (samples.Count > 0)
        {
            Eq<string> head = ["", .. sheet.Components.SelectMany(c => new[] { Words.Capital(c.Name == "the score" ? "score" : c.Name), "Place" })];
            var rows = samples.Select(s => new BriefRow(s.Results.SelectMany((r, i) => new[] { r.Text + (r.TieText is { } t && r.Class <= ResultClass.AtTheCap && sheet.Components[i].Ties.Any(x => x is Tiebreak.TimeAtRound) ? $" ({t})" : ""), s.Places[i].ToString(CultureInfo.InvariantCulture) }).Prepend(Words.Capital(s.Label)).ToEq())).ToEq();
            blocks.Add(new BriefBlock.Table($"Worked examples, {course.Address}", head, rows));
        }

        return new("scoring", "Scoring", blocks.ToEq());
    }
}
