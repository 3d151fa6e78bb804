using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Commands;

/// <summary>A line of the draft where a movement is done.</summary>
/// <param name="Line">Its number, from 1.</param>
/// <param name="Text">What it says, without indentation.</param>
public sealed record PlaceOf(int Line, string Text);

/// <summary>A rule of a standard that a draft says differently.</summary>
/// <param name="Clause">The clause of the standard.</param>
/// <param name="Line">The line of the one place it is for; null for the whole workout.</param>
/// <param name="Division">The division it is for; null for everybody.</param>
/// <param name="Text">The other wording, or <see cref="StandardsBook.DoesNotApply"/>.</param>
public sealed record SaidHere(string Clause, int? Line, string? Division, string Text);

/// <summary>
/// Says a rule of a standard differently in one workout, or at one place in it, by writing a <c>standard</c> line into the
/// draft; saying it a second time changes that line, and saying nothing takes it away. Rulings are published text and are not
/// touched.
/// </summary>
/// <param name="Movement">The standard’s id.</param>
/// <param name="Clause">The clause.</param>
/// <param name="Line">The line of a task with the movement, for this place only; null for the whole workout.</param>
/// <param name="Division">A division, where <paramref name="Line"/> is null; null for everybody.</param>
/// <param name="Text">One sentence of at most 240 characters, or <see cref="StandardsBook.DoesNotApply"/>; null to take back what was
/// said.</param>
public sealed record SayHere(string Movement, string Clause, int? Line, string? Division, string? Text) : Command
{
    private const int Longest = 240;

    /// <inheritdoc/>
    public override Answer<DraftEdits> Against(DraftToEdit draft)
    {
        var u = draft.Read;
        if (StandardsBook.Of(u.Competition).ById(Movement) is not { } movement)
        {
            return new FieldError("movement", $"There is no movement “{Movement}”.");
        }

        if (Objection(u, movement) is { } objection)
        {
            return objection;
        }

        var said = Said(u, movement).FirstOrDefault(x => x.Is.Clause == Clause && x.Is.Line == Line && Same(x.Is.Division, Division));
        var lines = u.Text.Split('\n').ToList();
        if (said.At is { Line: > 0 } range)
        {
            if (Text is null)
            {
                lines.RemoveAt(range.Line - 1);
            }
            else
            {
                var old = lines[range.Line - 1];
                lines[range.Line - 1] = old[..(range.Column - 1)] + Written(movement) + old[(range.Column - 1 + range.Length)..];
            }
        }
        else if (Text is null)
        {
            return new FieldError("clause", "Nothing is said differently here.");
        }
        else if (Line is { } place)
        {
            var indent = lines[place - 1].Length - lines[place - 1].TrimStart(' ').Length;
            lines.Insert(place, new string(' ', indent + 2) + Written(movement));
        }
        else
        {
            lines.Insert(DraftText.LastLine(lines) + 1, Written(movement));
        }

        var body = string.Join('\n', lines);
        return body.Length > NotationLimits.Characters
            ? new FieldError("text", $"The draft is full: it has at most {NotationLimits.Characters} characters; take some out first.")
            : DraftEdits.Between(u.Text, body);
    }

    /// <summary>The places of a movement in a draft, in the order of the text.</summary>
    public static IReadOnlyList<PlaceOf> Places(ReadDraft u, Movement movement)
    {
        var lines = u.Text.Split('\n');
        return [.. Tasks(u, movement).Select(t => new PlaceOf(t.At.Line, lines[t.At.Line - 1].Trim()))];
    }

    /// <summary>What a draft says differently of a movement, rulings left out.</summary>
    public static IReadOnlyList<SaidHere> Of(ReadDraft u, Movement movement) => [.. Said(u, movement).Select(x => x.Is)];

    /// <summary>The divisions that do a workout.</summary>
    public static IReadOnlyList<string> Divisions(ReadDraft u) => [.. u.Resolver.Addresses.Select(a => a.Division.Name).Distinct()];

    private string Written(Movement movement) =>
        Line is not null
            ? Printer.Print(new Rule.ClauseHere(Clause, Text!.Trim()))
            : Printer.Print(
                new Policy.ClauseOf(movement.Name.English, Clause, Division is null ? [] : [new Who([Division])], Text!.Trim())
            );

    private FieldError? Objection(ReadDraft u, Movement movement)
    {
        if (Line is { } line && Tasks(u, movement).All(t => t.At.Line != line))
        {
            return new("line", $"Line {line} is no {movement.Name.English} any more.");
        }

        if (Division is not null && (Line is not null || !Divisions(u).Contains(Division, StringComparer.OrdinalIgnoreCase)))
        {
            return new(
                "division",
                Line is not null ? "One place says it for everybody; for one division say it in the whole workout."
                    : u.Competition.Find(Division) is null ? $"There is no division “{Division}”."
                    : $"{Division} does not do this workout."
            );
        }

        if (Text is null)
        {
            return null;
        }

        // What the book, or a house rule, has; that this workout leaves it out is no reason not to say it again.
        if (StandardsBook.Of(u.Competition).InForce(movement).Clauses.Concat(movement.Clauses).All(c => c.Id != Clause))
        {
            return new("clause", $"The {movement.Name.English} has no clause “{Clause}”.");
        }

        return
            Text.Trim().Length is 0 or > Longest
            || Text.Any(c => c is '(' or ')' || Characters.IsForbidden(c))
            || Text.Contains("//", StringComparison.Ordinal)
            ? new("text", $"Write one sentence of at most {Longest} characters, without brackets.")
            : null;
    }

    private static IEnumerable<Work.Task> Tasks(ReadDraft u, Movement movement)
    {
        var book = StandardsBook.Of(u.Competition);
        return WorkTree.Tasks(u.Workout).Where(t => book.Find(t.Movement)?.Id == movement.Id);
    }

    private static IEnumerable<(SaidHere Is, SourceRange At)> Said(ReadDraft u, Movement movement)
    {
        var book = StandardsBook.Of(u.Competition);
        foreach (
            var line in u
                .Workout.Policies.OfType<Policy.ClauseOf>()
                .Where(p => book.Find(p.Movement)?.Id == movement.Id && p.Note is null && p.For.Count <= 1)
        )
        {
            yield return (new(line.Clause, null, line.For.Count == 0 ? null : line.For[0].ToString(), line.Text), line.At);
        }

        foreach (var task in Tasks(u, movement))
        {
            foreach (var line in task.Lines.OfType<TaskLine.RuleOf>())
            {
                if (line.Rule is Rule.ClauseHere here)
                {
                    yield return (new(here.Clause, task.At.Line, null, here.Text), line.At);
                }
            }
        }
    }

    private static bool Same(string? a, string? b) => string.Equals(a ?? "", b ?? "", StringComparison.OrdinalIgnoreCase);
}
