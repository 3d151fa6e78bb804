using System.Globalization;
using System.Text;
using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <summary>
/// Writes a workout in the draft notation. <c>Parser.Parse(Printer.Print(w)).Workout</c> equals <c>w</c> for every workout
/// that the parser can give.
/// </summary>
public sealed partial class Printer
{
    private readonly StringBuilder text = new();

    private Printer() { }

    /// <summary>The workout as a draft text that ends with a line break.</summary>
    public static string Print(Workout workout)
    {
        var printer = new Printer();
        printer.Line(0, workout.Title, workout.Note);
        foreach (var header in workout.Headers)
        {
            printer.Line(1, Header(header), header.Note);
        }

        printer.Gap();
        foreach (var stage in workout.Stages)
        {
            printer.Stage(0, stage);
        }

        if (workout.Scores.Count + workout.Policies.Count > 0)
        {
            printer.Gap();
        }

        foreach (var score in workout.Scores)
        {
            printer.Score(score);
        }

        foreach (var policy in workout.Policies)
        {
            printer.Line(0, Policy(policy), policy.Note);
        }

        return printer.text.ToString();
    }

    private void Gap() => text.Append('\n');

    private void Line(int level, string content, string? note) =>
        text.Append(' ', level * 2).Append(content).Append(note is null ? "" : $" ({note})").Append('\n');

    private static string Header(Header header) =>
        header switch
        {
            Header.For h => "for " + string.Join(", ", h.Names),
            Header.Order h => "a/b is " + (h.Duties == DutyOrder.ManWoman ? "man/woman" : "woman/man"),
            Header.Levels h => "levels " + string.Join(", ", h.Names) + (h.BoardEach ? ", a board each" : ""),
            Header.Groups h => "groups "
                + string.Join(
                    ", ",
                    h.Items.Select(g =>
                        string.Join(' ', g.Seats.Select(n => n.ToString(System.Globalization.CultureInfo.InvariantCulture)).Prepend(g.Name))
                    )
                ),
            Header.Seats h => "seats " + (h.Duties.Count == 0 ? "free, told at check-in" : string.Join(", ", h.Duties)),
            Header.Entries h => "entries "
                + string.Join(", ", h.Makes)
                + h.Apart switch
                {
                    true => ", ranked apart",
                    false => ", ranked together",
                    null => "",
                },
            Header.LeadIn h => "lead-in " + Time(h.Time),
            Header.Judges h => "judges: "
                + string.Join(
                    ", ",
                    h.Watches.Select(w =>
                        (w.Station ?? (w.Of == Watched.Hold ? "hold" : "work"))
                        + " by post "
                        + w.Post.ToString(System.Globalization.CultureInfo.InvariantCulture)
                    )
                ),
            Header.Video h => "video: a rep that cannot be verified is " + (h.NoRep ? "no rep" : "undecided"),
            _ => throw new InvalidOperationException("A header without a printed form."),
        };

    private void Stage(int level, Stage stage)
    {
        var label = stage.Label is { } l ? l + ": " : "";
        switch (stage)
        {
            case Stage.Window s:
                Line(level, $"{label}{Time(s.Time)} {Words(s.Goal)}", s.Note);
                Times(level + 1, s.Others);
                Block(level + 1, s.Items);
                break;
            case Stage.Clock s:
                Line(level, $"{label}{Time(s.Time)} clock", s.Note);
                Times(level + 1, s.Others);
                foreach (var piece in s.Pieces)
                {
                    Line(level + 1, $"{piece.Label}: {Words(piece.Goal)}{(piece.InTimeLeft ? ", in the time left" : "")}", piece.Note);
                    Block(level + 2, piece.Items);
                }

                break;
            case Stage.Gap s:
                Line(level, label + Between(s), s.Note);
                break;
            case Stage.Cycles s:
                Line(level, $"{label}{s.Times} cycles{(s.Between is { } b ? $", {Between(b)} between" : "")}", s.Note);
                foreach (var inner in s.Stages)
                {
                    Stage(level + 1, inner);
                }

                break;
            case Stage.Relay s:
                Line(
                    level,
                    $"{label}relay {Words(s.Goal)}, {string.Join('-', s.Times.Select(Time))}{(s.EachSame ? " each" : "")}"
                        + $"{(s.Between is { } g ? ", " + Between(g) : "")}{(s.Continues ? ", continues" : "")}",
                    s.Note
                );
                Block(level + 1, s.Items);
                break;
            default:
                StageOfStations(level, label, stage);
                break;
        }
    }

    private void StageOfStations(int level, string label, Stage stage)
    {
        switch (stage)
        {
            case Stage.Rota s:
                Line(
                    level,
                    $"{label}rota {Words(s.Goal)}, {Time(s.Each)} each{(s.Change is { } c ? $", change {Time(c)}" : "")}"
                        + $"{(s.Turns is { } t ? $", {t} turns" : "")}{(s.Silent ? ", silent" : "")}",
                    s.Note
                );
                Stations(level + 1, s.Stations);
                break;
            case Stage.Waves s:
                Line(
                    level,
                    $"{label}waves {Words(s.Goal)}, {Time(s.Each)} each{(s.Change is { } w ? $", change {Time(w)}" : "")}"
                        + $"{(s.By.Count > 0 ? ", by " + string.Join(", ", s.By) : "")}",
                    s.Note
                );
                Block(level + 1, s.Rules);
                Stations(level + 1, s.Stations);
                break;
            case Stage.SwapStations s:
                Line(
                    level,
                    $"{label}{Time(s.Time)} stations {Words(s.Goal)}, swap when {s.SwapWhen} is done"
                        + $"{(s.Until is { } u ? $", until {u} is done" : "")}",
                    s.Note
                );
                Stations(level + 1, s.Items);
                break;
        }
    }

    private void Stations(int level, Eq<Station> stations)
    {
        foreach (var station in stations)
        {
            Line(level, "station " + station.Name, station.Note);
            Block(level + 1, station.Items);
        }
    }

    private static string Between(Stage.Gap gap) => $"{(gap.IsRest ? "rest" : "change")} {Time(gap.Time)}";

    private static string Time(Duration? time) => time?.ToString() ?? "unset";

    private static string Words(Goal goal) => "for " + goal.ToString().ToLowerInvariant();

    /// <summary>A line of work as written, without what stands under it: <c>gate, adds 3:00</c>, <c>own rest 0:50</c>.</summary>
    public static string Line(Work work)
    {
        var printer = new Printer();
        printer.Work(0, work);
        return printer.text.ToString().Split('\n')[0];
    }

    private void Block(int level, Eq<Work> items)
    {
        foreach (var item in items)
        {
            Work(level, item);
        }
    }

    private static string Rounds(int? times) => $"{times?.ToString(CultureInfo.InvariantCulture) ?? "unset"} rounds";

    private void Work(int level, Work work)
    {
        switch (work)
        {
            case Work.Task w:
                Task(level, w);
                break;
            case Work.Rounds w:
                Line(level, w.HasNoEnd ? "rounds without end" : Rounds(w.Times), w.Note);
                foreach (var other in w.Others)
                {
                    Line(level + 1, $"{string.Join(", ", other.For)}: {Rounds(other.Times)}", other.Note);
                }

                Block(level + 1, w.Items);
                break;
            case Work.Scheme w:
                Line(level, $"{w.Of} of", w.Note);
                Block(level + 1, w.Items);
                break;
            case Work.Every w:
                Every(level, w);
                break;
            case Work.Complex w:
                Line(level, "complex" + Details(w.Details), w.Note);
                foreach (var lift in w.Lifts)
                {
                    Task(level + 1, lift);
                }

                TaskLines(level + 1, w.Lines);
                break;
            case Work.AnyOrder w:
                Line(level, "in any order", w.Note);
                Block(level + 1, w.Items);
                break;
            case Work.GroupOf w:
                Line(level, w.Others.Count == 0 ? "group " + w.Name : $"groups {string.Join(", ", w.Names)} each", w.Note);
                Block(level + 1, w.Items);
                break;
            default:
                Line(level, OneLine(work), work.Note);
                Times(
                    level + 1,
                    work switch
                    {
                        Work.OwnRest w => w.Others,
                        Work.Gate w => w.Others,
                        _ => [],
                    }
                );
                break;
        }
    }

    private void Task(int level, Work.Task task)
    {
        Line(level, (task.Amount is { } a ? Amount(a) + " " : "") + task.Movement + Details(task.Details), task.Note);
        TaskLines(level + 1, task.Lines);
    }

    private void TaskLines(int level, Eq<TaskLine> lines)
    {
        foreach (var line in lines)
        {
            Line(
                level,
                line switch
                {
                    TaskLine.Override o => Override(o),
                    TaskLine.Between b =>
                        $"{(b.AfterLast ? "after each" : "between")}: {Amount(b.Amount)} {b.Movement}{Details(b.Details)}",
                    TaskLine.Then t => $"then: {t.Reps} {t.Movement}",
                    TaskLine.Attempt a2 => "attempt: " + a2.Movement,
                    TaskLine.RuleOf r => Rule(r.Rule),
                    _ => throw new InvalidOperationException("A task line without a printed form."),
                },
                line.Note
            );
        }
    }

    /// <summary>A line for some, as written: <c>Meadow: 2 x 10/7.5 kg</c>.</summary>
    public static string Print(TaskLine.Override line) => Override(line);

    private static string Override(TaskLine.Override o)
    {
        var head = string.Join(", ", o.For.Select(w => w.ToString()).Concat(o.Choose ? ["choose"] : []));
        var when = o.When switch
        {
            ChoiceTime.Once => ", once",
            ChoiceTime.EachRound => ", each round",
            ChoiceTime.RepByRep => ", rep by rep",
            _ => "",
        };
        var work = string.Join(' ', new[] { o.Amount is { } a ? Amount(a) : null, o.Movement }.Where(x => x is not null));
        var details = o.Details.Select(Detail).ToList();
        return $"{head}{when}: " + string.Join(", ", work.Length > 0 ? details.Prepend(work) : details);
    }

    /// <summary>An amount as written: <c>15/11 cal</c>.</summary>
    public static string Amount(Workouts.Amount amount) =>
        amount switch
        {
            Workouts.Amount.Counted a => a.Of + UnitSuffix(a.Unit),
            Workouts.Amount.OfScheme a => a.Unit.Symbol(),
            Workouts.Amount.Held a => Time(a.Time),
            Workouts.Amount.Max a => "max" + UnitSuffix(a.Unit),
            Workouts.Amount.Heaviest { SetOf: { } n } => $"heaviest set of {n}",
            Workouts.Amount.Heaviest => "heaviest",
            Workouts.Amount.Highest => "max cm",
            _ => throw new InvalidOperationException("An amount without a printed form."),
        };

    private static string UnitSuffix(AmountUnit unit) => unit == AmountUnit.Rep ? "" : " " + unit.Symbol();

    private static string Details(Eq<Detail> details) => string.Concat(details.Select(d => ", " + Detail(d)));

    /// <summary>A detail as written: <c>2 x 22.5/15 kg</c>.</summary>
    public static string Detail(Detail detail) =>
        detail switch
        {
            Workouts.Detail.Load d => $"{(d.Start ? "start " : "")}{(d.Implements is { } n ? $"{n} x " : "")}{d.Of} {d.Unit.Symbol()}"
                + $"{(d.Left is { } left ? $" right, {left} {d.Unit.Symbol()} left" : "")}"
                + $"{(d.AlsoOf is { } also ? $" or {also} {d.AlsoUnit!.Value.Symbol()}" : "")}",
            Workouts.Detail.Figure d => "figure " + (d.Implements is { } n ? $"{n} x " : "") + d.Of,
            Workouts.Detail.OwnBest d => $"{d.Percent} % of own best{(d.Of is { } lift ? " " + lift : "")}",
            Workouts.Detail.Rising d => $"from {d.First} cm up by {d.By}",
            Workouts.Detail.Misses d => $"{d.N} {(d.N == 1 ? "miss" : "misses")} {(d.InARow ? "in a row" : "in all")}",
            Workouts.Detail.LiftAttempts d => d.N == 1 ? "1 attempt" : $"{d.N} attempts",
            Workouts.Detail.Lengths d => $"{d.Count} x {d.Of} {d.Unit.Symbol()}",
            Workouts.Detail.Height { IsAt: true } d => $"{d.Name} at {d.Reference}",
            Workouts.Detail.Height d =>
                $"{d.Name ?? d.On.ToString().ToLowerInvariant()} {d.Of}{(d.By is { } by ? $" x {by}" : "")} {d.Unit.Symbol()}"
                    + $"{(d.Above is { } above ? $" {(above ? "above" : "below")} {d.Reference}" : "")}",
            Workouts.Detail.Marks d => $"marks every {d.Every} {d.Unit.Symbol()}",
            Workouts.Detail.Chunks d => d.Size.ToString() is var size && size.EndsWith("unset", StringComparison.Ordinal)
                ? $"in {size} s"
                : $"in {size}s",
            Workouts.Detail.Counts d => $"counts {d.Credit}",
            Workouts.Detail.EveryCount d => $"every {d.Units} count {d.Credit}",
            Workouts.Detail.Credited d => $"credited {d.Credit}{(d.WhenDone ? " when done" : "")}",
            Workouts.Detail.Uncounted => "uncounted",
            Workouts.Detail.Bonus d => $"+{d.Credit} {(d.AtAmount is { } at ? "at " + at : "when done")}",
            Workouts.Detail.Only d => $"{d.For} only",
            Workouts.Detail.InRounds d => $"rounds {d.Which} only",
            Workouts.Detail.EveryNth d => $"every {Text.Words.Ordinal(d.N)} round",
            Workouts.Detail.From d => "from the " + d.Place.ToString().ToLowerInvariant(),
            Workouts.Detail.OnBar d => (BarByMass.Of(d.Name) is null ? "on the " : "bar ") + d.Name,
            Workouts.Detail.Flag d => d.Is switch
            {
                FlagKind.InOneGo => "in one go",
                FlagKind.MayBeBroken => "may be broken",
                FlagKind.MayBeJoined => "may be joined with the next",
                FlagKind.Each => "each",
                FlagKind.ByEach => "by each",
                FlagKind.EachUnsaid => "each or together unset",
                FlagKind.LastBarRepeats => "last bar repeats",
                FlagKind.NeverDown => "never down",
                _ => "neighbours may be joined",
            },
            _ => throw new InvalidOperationException("A detail without a printed form."),
        };

    private static string Of(Eq<Who> of) => of.Count == 0 ? "" : " of " + string.Join(", ", of);

    /// <summary>A rule at the end of a draft as a line, without its note.</summary>
    public static string Print(Policy policy) => Policy(policy);

    /// <summary>A rule under a line of work as a line, without indentation or note.</summary>
    public static string Print(Rule rule) => Rule(rule);
}
