using System.Text.RegularExpressions;
using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Natural;

/// <summary>The ways in which a line is read, each tried where those before it fail.</summary>
public sealed partial class TypedLines
{
    /// <summary>The line as it is, where the lines above take it.</summary>
    private bool Shift(int index) => IsHole(index) && Place(index, 1, [Bare(index)]);

    /// <summary>Where a detail begins, and coaches write no comma.</summary>
    [GeneratedRegex(
        @"(?<=[\p{L})])(?<!\b(?:or|bar|by|start)) +(?=\d[\d.,/x -]*(?:kg\b|lb\b|% of own best)"
            + @"|(?:box|target|line|start line) \d|from the (?:floor|rack|hang)\b)"
    )]
    private static partial Regex BeforeDetail { get; }

    /// <summary>The line with commas before its details, where all else in it is as the notation writes it.</summary>
    private bool WithCommas(int index)
    {
        var tried = lines.ToList();
        tried[index] = (BeforeDetail.Replace(tried[index].Text, ", "), tried[index].Of);
        var before = (lines, parsed);
        if (tried[index].Text == lines[index].Text || !Take(tried, index, 1))
        {
            return false;
        }

        if (IsOpen(index))
        {
            (lines, parsed) = before;
            return false;
        }

        return true;
    }

    /// <summary>A line behind rounds, a scheme or a window that has no work yet goes under it.</summary>
    private bool Under(int index)
    {
        var above = lines.FindLastIndex(Math.Max(0, index - 1), l => Says(l.Text));
        if (
            !typing
            || above <= title
            || IsHole(index)
            || IndentOf(lines[above].Text) != IndentOf(lines[index].Text)
            || !IsWithoutWork(above)
        )
        {
            return false;
        }

        var depth = IndentOf(lines[above].Text) + 2;
        var tried = lines.ToList();
        tried[index] = (new string(' ', depth) + lines[index].Text.TrimStart(), tried[index].Of);
        return Take(tried, index, 1);
    }

    /// <summary>A time limit that stands behind work whose limit nobody had said.</summary>
    private bool Fill(int index, IReadOnlyList<string> said)
    {
        if (said is not [var only] || TimeFor.Match(only) is not { Success: true } limit)
        {
            return false;
        }

        var above = lines.FindLastIndex(index, l => l.Text.StartsWith("unset for ", StringComparison.Ordinal));
        if (above < 0 || lines.FindIndex(above + 1, l => l.Text.Length > 0 && l.Text[0] != ' ') is var next && next >= 0 && next < index)
        {
            return false;
        }

        var tried = lines.ToList();
        tried[above] = (limit.Groups[1].Value + tried[above].Text["unset".Length..], tried[above].Of);
        tried.RemoveAt(index);
        return Take(tried, above, 1);
    }

    /// <summary>A detail that stands under its task and not behind it.</summary>
    private bool Behind(int index)
    {
        var above = lines.FindLastIndex(Math.Max(0, index - 1), l => Says(l.Text));
        if (above <= title || TaskAt(above) is null || IndentOf(lines[index].Text) <= IndentOf(lines[above].Text))
        {
            return false;
        }

        var tried = lines.ToList();
        tried[above] = ($"{IndentedOf(above)}{Bare(above)}, {Bare(index)}{CommentOf(tried[above].Text)}", tried[above].Of);
        tried.RemoveAt(index);
        return Take(tried, above, 1);
    }

    /// <summary>The words by themselves. A line that the notation has is another only where the book knows what is done then.</summary>
    private bool Alone(int index, IReadOnlyList<string> said)
    {
        var (before, was, understood) = (lines, parsed, !IsHole(index));
        if ((understood && said.Count > 1) || (!Place(index, 1, said) && !WithScore(index, said)))
        {
            return false;
        }

        if (understood && IsOpen(index))
        {
            (lines, parsed) = (before, was);
            return false;
        }

        return true;
    }

    /// <summary>A rule of the score before there is any: work of one goal is scored by it.</summary>
    private bool WithScore(int index, IReadOnlyList<string> rules)
    {
        if (
            parsed.Workout.Scores.Count > 0
            || PieceOfWork.Of(parsed.Workout) is not [var piece]
            || !rules.All(r => r.StartsWith("tie: ", StringComparison.Ordinal) || r.StartsWith("unfinished: ", StringComparison.Ordinal))
        )
        {
            return false;
        }

        var measure = piece.Goal == Goal.Load ? "best load" : piece.Goal.ToString().ToLowerInvariant();
        return Place(index, 1, [$"score: {measure}", .. rules.Select(r => "  " + r)]);
    }

    /// <summary>The words as what they say of the task above.</summary>
    private bool WithTask(int index)
    {
        var task = WorkTree.Tasks(parsed.Workout).LastOrDefault(t => t.At.Line <= index);
        if (task is null || Enumerable.Range(task.At.Line, index - task.At.Line).Any(i => IndentOf(lines[i].Text) < task.At.Column))
        {
            return false;
        }

        var first = task.At.Line - 1;
        var block = lines.GetRange(first, index - first + 1).ConvertAll(l => l.Text);
        return Read(block) is { } said
            && said[0].Contains(task.Movement, StringComparison.OrdinalIgnoreCase)
            && said.Count <= block.Count
            && !said.Any(l => l.TrimStart().StartsWith("note: ", StringComparison.Ordinal))
            && block.Skip(1).SkipLast(1).Where(Says).All(l => said.Contains(Under(l), StringComparer.Ordinal))
            && Place(first, block.Count, said);

        string Under(string line) => line[Math.Min(IndentOf(block[0]), IndentOf(line))..].TrimEnd();
    }

    /// <summary>A tie that is decided by the time after a task: a point of the work gets a name.</summary>
    private bool Checkpoint(int index)
    {
        if (TimeAfter.Match(Bare(index)) is not { Success: true } tie)
        {
            return false;
        }

        var named = tie.Groups[1].Value;
        var movement = book.Find(named)?.Id;
        var tasks = WorkTree
            .Tasks(parsed.Workout)
            .Where(t => book.Find(t.Movement)?.Id is { } id ? id == movement : t.Movement == named)
            .ToList();
        if (tasks.Count != 1)
        {
            return false;
        }

        var at = tasks[0].At.Line - 1;
        var behind = lines.FindIndex(at + 1, l => Says(l.Text) && IndentOf(l.Text) <= IndentOf(lines[at].Text));
        var point = Text.Words.Capital(tasks[0].Movement) + " done";
        var tried = lines.ToList();
        tried[index] = ($"{IndentedOf(index)}tie: time at {point}", tried[index].Of);
        tried.Insert(behind < 0 ? at + 1 : behind, ($"{IndentedOf(at)}checkpoint {point}", lines[(behind < 0 ? at + 1 : behind) - 1].Of));
        return Take(tried, index + 1, 1);
    }

    /// <summary>Work before any window: the window stands over it, and nobody has said how long it is.</summary>
    private bool WithWindow(int index) =>
        IsHole(index)
        && parsed.Workout.Stages.Count == 0
        && Read([lines[index].Text], implied: true) is { Count: > 1 } said
        && said[0].StartsWith("unset for ", StringComparison.Ordinal)
        && Place(index, 1, said);

    /// <summary>The movements of the book that some words may mean: none, one, or several.</summary>
    /// <param name="competition">Whose book.</param>
    /// <param name="words">As somebody writes the movement: <c>T2B</c>.</param>
    public static IReadOnlyList<string> MovementsOf(Competition competition, string words)
    {
        var book = StandardsBook.Of(competition);
        var interpreter = new Interpreter(competition, ["Draft", "", "10 " + words]) { OfALine = true };
        interpreter.Read();
        var said = interpreter.WriteLines(3, implied: false);
        var names =
            interpreter.Questions.FirstOrDefault(q => q.At.About == "movement") is { } asked ? asked.Options.Select(o => o.Label)
            : said is [var only]
            && Parser.Parse($"Draft\n\n9:00 for time\n  {only}")
                is { Problems.Count: 0, Workout.Stages: [Stage.Window { Items: [Work.Task { Details.Count: 0 } task] }] }
                ? [task.Movement]
            : Enumerable.Empty<string>();
        return names.Where(n => book.Find(n) is not null).ToList();
    }

    /// <summary>What some words say as lines of a draft; null where they say nothing that it has.</summary>
    private IReadOnlyList<string>? Read(IReadOnlyList<string> words, bool implied = false)
    {
        string[] text = ["Draft", "", .. words.Select(w => DraftLines.WithoutComment(w).TrimEnd())];
        if (text.Any(l => l.Length > NotationLimits.LineLength))
        {
            return null;
        }

        var interpreter = new Interpreter(competition, text) { DraftHasWomanFirst = womanFirst, OfALine = true };
        interpreter.Read();
        if (interpreter.WriteLines(3, implied) is not { Count: > 0 } said)
        {
            return null;
        }

        var draft = string.Join('\n', said);
        var told = interpreter.Worked.Concat(interpreter.Kept.Select(k => k.At)).ToList();
        return Accounting.Lost(text, draft, told).Any() ? null : said;
    }

    /// <summary>Puts lines in the place of others: as deep as those stood, else as deep as the lines above take them, the deepest
    /// first.</summary>
    private bool Place(int index, int count, IReadOnlyList<string> said)
    {
        var above = lines.FindLastIndex(Math.Max(0, index - 1), l => Says(l.Text));
        var most = above == title ? 1 : (IndentOf(lines[above].Text) / 2) + 1;
        var typed = IndentOf(lines[index].Text) / 2;
        var comment = CommentOf(lines[index + count - 1].Text);
        foreach (var depth in Enumerable.Range(0, most + 1).Reverse().OrderBy(d => d == typed ? 0 : 1))
        {
            // Nothing is read as belonging to a line that is not read itself.
            var over = depth == 0 ? -1 : lines.FindLastIndex(Math.Max(0, index - 1), l => Says(l.Text) && IndentOf(l.Text) < 2 * depth);
            if (depth > 0 && (over < 0 || IsHole(over)))
            {
                continue;
            }

            var tried = lines.ToList();
            tried.RemoveRange(index, count);
            tried.InsertRange(
                index,
                said.Select((l, i) => (new string(' ', 2 * depth) + l + (i == 0 ? comment : ""), lines[index + Math.Min(i, count - 1)].Of))
            );
            if (Take(tried, index, said.Count))
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>Takes a text if the notation has every one of its new lines, and understands the others as well as if the line did not
    /// stand there.</summary>
    private bool Take(List<(string Text, int Of)> tried, int index, int count)
    {
        var result = Parser.Parse(string.Join('\n', tried.Select(l => l.Text)));
        if (
            result.Problems.Any(p => p.At.Line > index && p.At.Line <= index + count && p.Sentence != Parser.EveryNeedsWork)
            || result.Problems.Count(p => p.At.Line <= index) > parsed.Problems.Count(p => p.At.Line <= index)
            || result.Problems.Count(p => p.At.Line <= index || p.At.Line > index + count) > most
            // 8:00 for time, one level in, would be so many seconds of a movement of that name.
            || WorkTree
                .Tasks(result.Workout)
                .Any(t => t.At.Line > index && t.At.Line <= index + count && t.Movement.StartsWith("for ", StringComparison.Ordinal))
            || tried.SequenceEqual(lines)
        )
        {
            return false;
        }

        (lines, parsed) = (tried, result);
        return true;
    }

    /// <summary>True for a window, rounds or a scheme with nothing in it.</summary>
    private bool IsWithoutWork(int index) =>
        WorkTree
            .All(parsed.Workout)
            .Any(w => w.At.Line == index + 1 && w is (Work.Rounds { Items.Count: 0 } or Work.Scheme { Items.Count: 0 }))
        || WorkTree.Stages(parsed.Workout.Stages).Any(s => s.At.Line == index + 1 && s is Stage.Window { Items.Count: 0 });

    private string Bare(int index) => DraftLines.WithoutComment(lines[index].Text).Trim();

    private string IndentedOf(int index) => new(' ', IndentOf(lines[index].Text));

    /// <summary>A private comment with the space before it.</summary>
    private static string CommentOf(string raw) =>
        DraftLines.WithoutComment(raw).TrimEnd() is var said && said.Length < raw.TrimEnd().Length ? raw[said.Length..].TrimEnd() : "";

    [GeneratedRegex("^([0-9:]+) for time$")]
    private static partial Regex TimeFor { get; }

    [GeneratedRegex("^tie: time (?:after|at the end of) (?:the )?([\\p{L}' -]+)$")]
    private static partial Regex TimeAfter { get; }
}
