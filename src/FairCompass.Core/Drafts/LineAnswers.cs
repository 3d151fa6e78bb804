using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Drafts;

/// <summary>An answer that only this workout can give: it is written into a line of it, and no competition says it for all.</summary>
/// <param name="Label">The answer.</param>
/// <param name="OnTheFloor">What it leads to, with numbers of this workout.</param>
/// <param name="Writes">The change of the text.</param>
internal sealed record LineAnswer(Said Label, Said OnTheFloor, Mend Writes);

/// <summary>The answers to a topic that are lines of the workout: the order of the turns, one height for two, the posts of the judges, the
/// first load, the weight of a score, where a ladder ends, a rest for the change.</summary>
internal sealed partial class LineAnswers
{
    private readonly Understanding u;
    private readonly TopicUse use;
    private readonly string[] lines;

    /// <summary>The answers of one workout.</summary>
    /// <param name="u">The workout.</param>
    /// <param name="use">What it raises.</param>
    /// <param name="lines">Its lines, without line breaks.</param>
    public LineAnswers(Understanding u, TopicUse use, string[] lines) => (this.u, this.use, this.lines) = (u, use, lines);

    /// <summary>The answers to a topic; none for most.</summary>
    /// <param name="topic">The topic’s name.</param>
    public IEnumerable<LineAnswer> To(string topic) =>
        topic switch
        {
            "team order" => InOrder().Concat(WithALeast()),
            "mixed heights" => OneHeight(),
            "score weights" => Halves(),
            "judges" => Posts(),
            "first load" => FirstLoads(),
            "last rung" => Closed(),
            "own rest" => GivenBack(),
            "change of load" => Rests(),
            "video attempts" => Attempts(),
            _ => [],
        };

    /// <summary>A half for one of the later scores, with the points of this competition’s own rule.</summary>
    private IEnumerable<LineAnswer> Halves()
    {
        var scores = u.Workout.Scores;
        foreach (var score in scores.Skip(1).Where(s => s.Label is not null))
        {
            yield return new(
                ($"Half for score {score.Label}", $"La mitad para la puntuación {score.Label}"),
                Summed(u, scores.Select(s => s == score ? 0.5m : 1).ToList()),
                new($"Half for score {score.Label}", Under(score.At, "weight 0.5"))
            );
        }
    }

    /// <summary>What somebody who is third in every score earns under weights.</summary>
    /// <param name="u">The workout; its competition says what places earn.</param>
    /// <param name="weights">One for each score.</param>
    internal static Said Summed(Understanding u, IReadOnlyList<decimal> weights)
    {
        var rule = (u.Competition.Overall ?? Competitions.OverallRule.Usual).Points;
        var (third, sum) = (rule.Of(3), Number.Normal(weights.Sum(w => w * rule.Of(3))));
        var parts = string.Join(" + ", weights.Select(w => w == 1 ? Number.Normal(third) : $"{Number.Normal(w)} × {Number.Normal(third)}"));
        return ($"Who is 3rd in all of them has {parts} = {sum} points.", $"Quien es 3.º en todas tiene {parts} = {sum} puntos.");
    }

    /// <summary>The first loads that the check on them offers, for every lift that has none.</summary>
    private IEnumerable<LineAnswer> FirstLoads()
    {
        var mends = u.Findings().Where(f => f is { Rule: "start-load", IsOpen: true, Mends.Count: > 0 }).Select(f => f.Mends[0]).ToList();
        if (mends is not [var first, .. var more])
        {
            yield break;
        }

        var loads = first.Edit.Text.Replace(", start ", "", StringComparison.Ordinal);
        yield return new(
            ($"The same for all: {loads}", $"La misma para todos: {loads}"),
            ($"Every lane begins with {loads} on the bar.", $"Todas las calles empiezan con {loads} en la barra."),
            first with
            {
                More = more.Select(m => m.Edit).ToEq(),
            }
        );
    }

    /// <summary>So many rounds as there are loads.</summary>
    private IEnumerable<LineAnswer> Closed()
    {
        if (use.EndlessLadder() is not { Loads.Of.First: var series } ladder || series.Length is not { } rounds)
        {
            yield break;
        }

        var last = $"{Number.Normal(series.At(rounds - 1) ?? 0)} {ladder.Loads.Unit.Symbol()}";
        if (Instead(ladder.Rounds.At.Line, "rounds without end", $"{rounds} rounds") is { } edit)
        {
            yield return new(
                ($"The work ends after round {rounds}", $"El trabajo acaba tras la ronda {rounds}"),
                (
                    $"After round {rounds}, at {last}, the work ends, however much time is left.",
                    $"Tras la ronda {rounds}, con {last}, acaba el trabajo, quede el tiempo que quede."
                ),
                new("Close", edit)
            );
        }
    }

    /// <summary>The cap stands still for who rests: a gate where the rest begins gives its time back.</summary>
    private IEnumerable<LineAnswer> GivenBack()
    {
        if (use.RestOnTheClock() is not { } rest || rest.Time is not { } length)
        {
            yield break;
        }

        yield return new(
            ("The judge restarts; the cap stands still for who rests", "Reinicia el juez; el tope se detiene para quien descansa"),
            (
                $"Who gets there before the cap rests {length} and has {length} more at the end; for all others the clock ends as before.",
                $"Quien llega antes del tope descansa {length} y tiene {length} más al final; para los demás el reloj acaba como antes."
            ),
            new("Given back", new TextEdit(rest.At.Line, 1, 0, $"{Indent(rest.At.Line)}gate, adds {length}\n"))
        );
    }

    /// <summary>A rest at the end of each round in which a load is changed.</summary>
    private IEnumerable<LineAnswer> Rests()
    {
        if (use.ChangesInRounds().FirstOrDefault() is not { Rounds: { } rounds } || rounds.Items.Count == 0)
        {
            yield break;
        }

        var rest = new Duration(30_000);
        var last = LastLineOf(rounds.At.Line);
        yield return new(
            ($"The change has a rest of its own, {rest}", $"El cambio tiene un descanso propio, {rest}"),
            (
                $"Each round ends with {rest} of rest in which the load is changed; the judge starts the next one, and the clock runs on.",
                $"Cada ronda acaba con {rest} de descanso en que se cambia la carga; el juez da la salida y el reloj sigue."
            ),
            new("Rest", new TextEdit(last, lines[last - 1].Length + 1, 0, $"\n{Indent(rounds.Items[0].At.Line)}own rest {rest}"))
        );
    }

    /// <summary>How many videos somebody may send, and which of them counts.</summary>
    private IEnumerable<LineAnswer> Attempts() =>
        new[]
        {
            (Says: "best of 1", English: "One video counts, the only one.", Spanish: "Cuenta un vídeo, el único."),
            (Says: "best of 2", English: "Two may be sent; the better one counts.", Spanish: "Se pueden enviar dos; cuenta el mejor."),
            (
                Says: "last of all",
                English: "Any number may be sent; the last one counts.",
                Spanish: "Se pueden enviar varios; cuenta el último."
            ),
        }.Select(a => new LineAnswer(
            (char.ToUpperInvariant(a.Says[0]) + a.Says[1..], a.Spanish.TrimEnd('.')),
            (a.English, a.Spanish),
            new(a.Says, DraftText.AtTheEnd(lines, "attempts: " + a.Says))
        ));

    /// <summary>A new line under a line at the left edge.</summary>
    private TextEdit Under(SourceRange at, string text) => new(at.Line, lines[at.Line - 1].Length + 1, 0, "\n  " + text);

    private TextEdit? Instead(int line, string old, string text) =>
        lines[line - 1].IndexOf(old, StringComparison.Ordinal) is var at && at >= 0 ? new(line, at + 1, old.Length, text) : null;

    private string Indent(int line) => lines[line - 1][..^lines[line - 1].TrimStart().Length];

    /// <summary>The last line that stands under a line.</summary>
    private int LastLineOf(int line)
    {
        var (depth, last) = (Indent(line).Length, line);
        for (var i = line + 1; i <= lines.Length && (lines[i - 1].Trim().Length == 0 || Indent(i).Length > depth); i++)
        {
            last = lines[i - 1].Trim().Length == 0 ? last : i;
        }

        return last;
    }
}
