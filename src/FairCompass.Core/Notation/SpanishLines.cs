using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <summary>A line of a workout as it is said on paper.</summary>
/// <param name="Level">Its indentation, from 0.</param>
/// <param name="Text">The words.</param>
public sealed record SpokenLine(int Level, string Text);

/// <summary>
/// Says a workout in Spanish, line by line, for papers. It is not a second notation: nobody types it, and nothing reads it
/// back. Words that an author made up, such as labels and stations, stay as they are; notes and remarks stand in «».
/// </summary>
public sealed partial class SpanishLines
{
    private readonly Tongue tongue;
    private readonly List<SpokenLine> lines = [];

    private SpanishLines(Tongue tongue) => this.tongue = tongue;

    /// <summary>The lines of the stages.</summary>
    /// <param name="stages">In order.</param>
    /// <param name="tongue">Spanish, with the names of the movements.</param>
    public static IEnumerable<SpokenLine> Of(IEnumerable<Stage> stages, Tongue tongue)
    {
        var said = new SpanishLines(tongue);
        foreach (var stage in stages)
        {
            said.Stage(0, stage);
        }

        return said.lines;
    }

    /// <summary>One line of work without what stands under it.</summary>
    public static string Line(Work work, Tongue tongue)
    {
        var said = new SpanishLines(tongue);
        said.Work(0, work);
        return said.lines[0].Text;
    }

    /// <summary>A load: <c>2 × 22.5/15 kg</c>.</summary>
    public static string Load(Detail.Load load) =>
        $"{(load.Implements is { } n ? $"{n} × " : "")}{load.Of} {load.Unit.Symbol()}"
        + $"{(load.Left is { } left ? $" a la derecha, {left} {load.Unit.Symbol()} a la izquierda" : "")}"
        + $"{(load.AlsoOf is { } also ? $" o {also} {load.AlsoUnit!.Value.Symbol()}" : "")}";

    /// <summary>An amount before the name of a movement: <c>15/11 cal de</c>, <c>10</c>.</summary>
    public static string Amount(Amount amount) =>
        amount switch
        {
            Workouts.Amount.Counted a => Unset(a.Of.ToString()) + Of(a.Unit),
            Workouts.Amount.OfScheme a => Of(a.Unit).TrimStart(),
            Workouts.Amount.Held a => Time(a.Time) + " de",
            Workouts.Amount.Max { Unit: AmountUnit.Rep } => "máximo de",
            Workouts.Amount.Max a => "máximo de" + Of(a.Unit),
            Workouts.Amount.Heaviest { SetOf: { } n } => $"la serie de {n} más pesada de",
            _ => "lo más pesado en",
        };

    private static string Of(AmountUnit unit) => unit == AmountUnit.Rep ? "" : $" {unit.Symbol()} de";

    private static string Time(Duration? time) => time?.ToString() ?? "(sin fijar)";

    private static string Unset(string figures) => figures.Replace("unset", "(sin fijar)", StringComparison.Ordinal);

    private static string Goal(Goal goal) =>
        goal switch
        {
            Workouts.Goal.Time => "por tiempo",
            Workouts.Goal.Load => "por carga",
            Workouts.Goal.Calories => "por calorías",
            Workouts.Goal.Metres => "por metros",
            Workouts.Goal.Points => "por puntos",
            _ => "por repeticiones",
        };

    private void Add(int level, string content, string? note) => lines.Add(new(level, note is null ? content : $"{content} («{note}»)"));

    private void Stage(int level, Stage stage)
    {
        var label = stage.Label is { } l ? l + ": " : "";
        switch (stage)
        {
            case Stage.Window s:
                Add(level, $"{label}{Time(s.Time)} {Goal(s.Goal)}", s.Note);
                Times(level + 1, s.Others);
                Block(level + 1, s.Items);
                break;
            case Stage.Clock s:
                Add(level, $"{label}{Time(s.Time)} de reloj", s.Note);
                Times(level + 1, s.Others);
                foreach (var piece in s.Pieces)
                {
                    Add(level + 1, $"{piece.Label}: {Goal(piece.Goal)}{(piece.InTimeLeft ? ", en el tiempo que quede" : "")}", piece.Note);
                    Block(level + 2, piece.Items);
                }

                break;
            case Stage.Gap s:
                Add(level, label + Gap(s), s.Note);
                break;
            case Stage.Cycles s:
                Add(
                    level,
                    $"{label}{s.Times} {(s.Times == 1 ? "ciclo" : "ciclos")}{(s.Between is { } b ? $", {Gap(b)} entre ciclos" : "")}",
                    s.Note
                );
                foreach (var inner in s.Stages)
                {
                    Stage(level + 1, inner);
                }

                break;
            case Stage.Relay s:
                Add(
                    level,
                    $"{label}relevos {Goal(s.Goal)}, {string.Join('-', s.Times.Select(Time))}"
                        + $"{(s.EachSame ? " cada miembro" : "")}{(s.Between is { } g ? ", " + Gap(g) : "")}"
                        + (s.Continues ? ", cada uno sigue donde paró el anterior" : ""),
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
                Add(
                    level,
                    $"{label}rotación {Goal(s.Goal)}, {Time(s.Each)} por estación{Change(s.Change)}"
                        + $"{(s.Turns is { } t ? $", {t} turnos" : "")}{(s.Silent ? ", cambio sin aviso" : "")}",
                    s.Note
                );
                Stations(level + 1, s.Stations);
                break;
            case Stage.Waves s:
                Add(
                    level,
                    $"{label}oleadas {Goal(s.Goal)}, {Time(s.Each)} por estación{Change(s.Change)}"
                        + $"{(s.By.Count > 0 ? ", por " + tongue.Join(s.By.Select(Who)) : "")}",
                    s.Note
                );
                Block(level + 1, s.Rules);
                Stations(level + 1, s.Stations);
                break;
            case Stage.SwapStations s:
                Add(
                    level,
                    $"{label}{Time(s.Time)} en estaciones {Goal(s.Goal)}, se cambia al terminar {s.SwapWhen}"
                        + $"{(s.Until is { } u ? $", hasta terminar {u}" : "")}",
                    s.Note
                );
                Stations(level + 1, s.Items);
                break;
            default:
                throw new InvalidOperationException("A stage without Spanish words.");
        }
    }

    private static string Change(Duration? time) => time is { } t ? $", cambio {t}" : "";

    private static string Gap(Stage.Gap gap) => $"{(gap.IsRest ? "descanso" : "cambio")} de {Time(gap.Time)}";

    private void Stations(int level, Eq<Station> stations)
    {
        foreach (var station in stations)
        {
            Add(level, "estación " + station.Name, station.Note);
            Block(level + 1, station.Items);
        }
    }

    private void Block(int level, Eq<Work> items)
    {
        foreach (var item in items)
        {
            Work(level, item);
        }
    }

    private string Rounds(int? times) => times is { } n ? tongue.Count(n, Term.Round) : "rondas sin fijar";

    private void Work(int level, Work work)
    {
        switch (work)
        {
            case Work.Task w:
                Task(level, w);
                break;
            case Work.Rounds w:
                Add(level, w.HasNoEnd ? "rondas sin fin" : Rounds(w.Times), w.Note);
                foreach (var other in w.Others)
                {
                    Add(level + 1, $"{tongue.Join(other.For.Select(Who))}: {Rounds(other.Times)}", other.Note);
                }

                Block(level + 1, w.Items);
                break;
            case Work.Scheme w:
                Add(level, $"{Unset(w.Of.ToString())} de", w.Note);
                Block(level + 1, w.Items);
                break;
            case Work.Every w:
                Add(level, $"cada {Time(w.Each)}{Late(w)}", w.Note);
                Times(level + 1, w.Others);
                if (w.IsPlain)
                {
                    Block(level + 1, w.First);
                    break;
                }

                Add(level + 1, "primero", null);
                Block(level + 2, w.First);
                Add(level + 1, "después", null);
                Block(level + 2, w.Then);
                break;
            case Work.Complex w:
                Add(level, "complejo" + Details(w.Details), w.Note);
                foreach (var lift in w.Lifts)
                {
                    Task(level + 1, lift);
                }

                TaskLines(level + 1, w.Lines);
                break;
            case Work.AnyOrder w:
                Add(level, "en cualquier orden", w.Note);
                Block(level + 1, w.Items);
                break;
            case Work.GroupOf w:
                Add(level, w.Others.Count == 0 ? "grupo " + w.Name : $"grupos {tongue.Join(w.Names)}, cada uno", w.Note);
                Block(level + 1, w.Items);
                break;
            default:
                WorkOfOneLine(level, work);
                break;
        }
    }

    private void Times(int level, Eq<TimeFor> others)
    {
        foreach (var other in others)
        {
            Add(level, $"{tongue.Join(other.For.Select(Who))}: {string.Join('-', other.Times.Select(Time))}", other.Note);
        }
    }

    private static string Late(Work.Every every) =>
        (
            every.EndsWork
                ? ", quien no termina un intervalo acaba ahí"
                : every.CarriesOver switch
                {
                    true => ", lo no terminado pasa al siguiente",
                    false => ", lo no terminado se pierde",
                    null => "",
                }
        )
        + every.Counts switch
        {
            true => ", cuenta lo hecho",
            false => ", no cuenta nada de ese intervalo",
            null => "",
        };

    private void WorkOfOneLine(int level, Work work)
    {
        switch (work)
        {
            case Work.OwnRest w:
                Add(level, "descanso propio de " + Time(w.Time), w.Note);
                Times(level + 1, w.Others);
                break;
            case Work.Checkpoint w:
                Add(level, $"punto de control {w.Name}{(w.OnlyRound is { } only ? $", solo en la ronda {only}" : "")}", w.Note);
                break;
            case Work.Gate w:
                Add(
                    level,
                    $"puerta{(w.OnlyRound is { } r ? $", solo en la ronda {r}" : "")}, añade {string.Join('-', w.Adds.Select(Time))}",
                    w.Note
                );
                Times(level + 1, w.Others);
                break;
            case Work.RuleLine w:
                Add(level, Rule(w.Rule), w.Note);
                break;
            default:
                throw new InvalidOperationException("A line of work without Spanish words.");
        }
    }

    private void Task(int level, Work.Task task)
    {
        Add(level, Named(task.Amount, task.Movement) + Details(task.Details), task.Note);
        TaskLines(level + 1, task.Lines);
    }

    private string Named(Amount? amount, string movement) => (amount is { } a ? Amount(a) + " " : "") + tongue.Movement(movement);

    private void TaskLines(int level, Eq<TaskLine> items)
    {
        foreach (var line in items)
        {
            Add(
                level,
                line switch
                {
                    TaskLine.Override o => Override(o),
                    TaskLine.Between b =>
                        $"{(b.AfterLast ? "después de cada parte" : "entre partes")}: {Named(b.Amount, b.Movement)}{Details(b.Details)}",
                    TaskLine.Then t => $"después, sin soltar: {t.Reps} {tongue.Movement(t.Movement)}",
                    TaskLine.Attempt a => "intento: " + tongue.Movement(a.Movement),
                    TaskLine.RuleOf r => Rule(r.Rule),
                    _ => throw new InvalidOperationException("A line of a task without Spanish words."),
                },
                line.Note
            );
        }
    }

    private string Override(TaskLine.Override o)
    {
        var head = tongue.Join(o.For.Select(Who).Concat(o.Choose ? ["a elegir"] : []));
        var when = o.When switch
        {
            ChoiceTime.Once => ", una vez",
            ChoiceTime.EachRound => ", en cada ronda",
            ChoiceTime.RepByRep => ", repetición a repetición",
            _ => "",
        };
        var work =
            o.Movement is { } m ? Named(o.Amount, m)
            : o.Amount is { } a ? Alone(a)
            : "";
        var details = o.Details.Select(Detail).ToList();
        return $"{head}{when}: " + string.Join(", ", work.Length > 0 ? details.Prepend(work) : details);
    }

    /// <summary>An amount that no movement follows.</summary>
    public static string Alone(Amount amount) =>
        Amount(amount) is var text && text.EndsWith(" de", StringComparison.Ordinal) ? text[..^3]
        : text.EndsWith(" en", StringComparison.Ordinal) ? text[..^3]
        : text;

    private string Who(Who who) => string.Join(" y ", who.Names.Select(tongue.Name));
}
