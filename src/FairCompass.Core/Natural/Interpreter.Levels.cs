namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    /// <summary>Levels stand behind all divisions where values are kept by whom they are for.</summary>
    private const int FirstLevel = 1000;

    private readonly List<string> levels = [];

    /// <summary><c>Two levels: Heavy and Light</c>, and each of their names further down.</summary>
    private bool Levels(int i)
    {
        if (levels.Count == 0)
        {
            return s[i].Is("levels") && NameLevels(i);
        }

        var at = levels.FindIndex(l => string.Equals(l, TextAt(s[i].At), StringComparison.OrdinalIgnoreCase));
        if (at < 0)
        {
            return false;
        }

        (scope, scopedTask) = (new([FirstLevel + at]), task);
        Take(i);
        return true;
    }

    private bool NameLevels(int i)
    {
        var colon = s.FindIndex(i, p => p.IsMark(":"));
        var names =
            colon < 0 ? [] : s.Skip(colon + 1).Where(p => p.Sort != Sort.Mark && p.Word is not ("and" or "y" or "or" or "e")).ToList();
        if (names.Count is < 2 or > 6 || names.Exists(p => p.Figure is not null || !char.IsUpper(TextAt(p.At)[0])))
        {
            return false;
        }

        levels.AddRange(names.Select(p => TextAt(p.At)));
        var boards = s.Exists(p => p.Word is "ranking" or "board" or "rank" or "clasificacion");
        headers.Add(($"levels {string.Join(", ", levels)}{(boards ? ", a board each" : "")}", s[i].Line));
        TakeAll(s);
        return true;
    }

    /// <summary>A piece of the work that the text gives a name: <c>Before: 3 rounds of …</c>.</summary>
    private readonly Dictionary<string, Block> blocks = new(StringComparer.Ordinal);

    private string? nameNext;

    /// <summary>A word with a colon at the beginning of a sentence names what follows.</summary>
    private bool BlockName(int i)
    {
        if (
            Previous(i) >= 0
            || At(i + 1)?.IsMark(":") != true
            || s[i].Movement is not null
            || s[i].Figure is not null
            || s[i].Sort == Sort.Division
            || !s.Skip(i + 2).Any(p => p.Is("rounds", "rft"))
        )
        {
            return false;
        }

        nameNext = s[i].Word;
        Take(i, i + 1);
        return true;
    }

    /// <summary>The end of a block with a name, as a moment of a tie-break: of the first rounds of the work.</summary>
    private string? EndOf(string name)
    {
        if (!blocks.TryGetValue(name, out var block) || !block.Head.EndsWith(" rounds", StringComparison.Ordinal))
        {
            return null;
        }

        var first = parts
            .SelectMany(p => p.Work.Items)
            .OfType<Block>()
            .FirstOrDefault(b => b.Head.EndsWith("rounds", StringComparison.Ordinal));
        return first == block ? $"time at round {block.Head.Split(' ')[0]}" : null;
    }

    /// <summary>Who spots, and what a touch costs: <c>Two crew members spot the bench; a rep they touch does not count</c>.</summary>
    private bool Spots(int i)
    {
        if (!s[i].Is("spot") || i == 0)
        {
            return false;
        }

        var by = Note(s[0], s[i - 1]).ToLowerInvariant();
        var thing = s.Skip(i + 1).FirstOrDefault(p => p.Movement is not null)?.Movement;
        var of = thing is null ? null : TaskNamed(thing);
        if (of is null || by.Any(c => !char.IsLetterOrDigit(c) && c != ' '))
        {
            return false;
        }

        var voids = s.Find(p => p.Is("touchVoids"));
        of.Under.Add($"help: spot by {by}{(voids is null ? "" : ", the rep does not count")}");
        Mark(of, i);
        TakeAll(s.TakeWhile(p => !p.IsMark(";")));
        if (voids is not null)
        {
            voids.Taken = true;
        }

        return true;
    }
}
