using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

/// <summary>For whom a value is: some divisions or other names (<c>2nd</c>, <c>Heavy</c>, <c>A</c>), and a duty.</summary>
/// <param name="Divisions">Indices of divisions, and behind them those of names that the text gives; empty for all.</param>
/// <param name="Woman">True for the women, false for the men, null for both.</param>
internal sealed record Scope(Eq<int> Divisions, bool? Woman = null)
{
    /// <summary>Everybody.</summary>
    public static Scope All { get; } = new([]);

    /// <summary>The same for both duties.</summary>
    public Scope Both => this with { Woman = null };
}

/// <summary>What a value is of.</summary>
internal enum Aspect
{
    /// <summary>How many.</summary>
    Amount,

    /// <summary>Which movement.</summary>
    Movement,

    /// <summary>What is lifted.</summary>
    Load,

    /// <summary>The height of a box or target.</summary>
    Height,
}

/// <summary>A value of a task.</summary>
/// <param name="For">For whom.</param>
/// <param name="Aspect">What it is of.</param>
/// <param name="Figure">Its numbers; null for a movement.</param>
/// <param name="Word">A movement, or the word of a height: <c>box</c>.</param>
/// <param name="At">Where it stands in the text.</param>
internal sealed record Value(Scope For, Aspect Aspect, Figure? Figure, string Word, SourceRange At);

/// <summary>Something that is done, or a block of such.</summary>
internal abstract class Item
{
    /// <summary>The lines of the text that it comes from.</summary>
    public SortedSet<int> Lines { get; } = [];

    /// <summary>Lines of the draft under it: rules, notes.</summary>
    public List<string> Under { get; } = [];
}

/// <summary>A task.</summary>
internal sealed class TaskItem : Item
{
    /// <summary>As many as possible.</summary>
    public bool Max { get; set; }

    /// <summary>Reps of a heaviest set; null for any other task.</summary>
    public int? Heaviest { get; set; }

    /// <summary>Its amount; null where the scheme gives it.</summary>
    public Figure? Amount { get; set; }

    /// <summary>The unit of what is counted: empty for reps.</summary>
    public string Unit { get; set; } = "";

    /// <summary>The movement as drafts write it.</summary>
    public string Movement { get; set; } = "";

    /// <summary>What the word can mean where it does not decide.</summary>
    public Eq<string> Options { get; set; } = [];

    /// <summary>Where the movement stands.</summary>
    public SourceRange At { get; set; }

    /// <summary>Where the amount stands.</summary>
    public SourceRange AmountAt { get; set; }

    /// <summary>Values for all and for some.</summary>
    public List<Value> Values { get; } = [];

    /// <summary>Details that are the same for all.</summary>
    public List<string> Details { get; } = [];

    /// <summary>Other ways to do it, at the athlete’s choice.</summary>
    public List<TaskItem> Choices { get; } = [];

    /// <summary>The time that it has for itself, in milliseconds; null where it shares that of its part.</summary>
    public long? Window { get; set; }

    /// <summary>For whom alone it is, where it stands in a line that names some; empty for all.</summary>
    public Eq<int> OnlyFor { get; set; } = [];

    /// <summary>What stands behind it in brackets.</summary>
    public string? Remark { get; set; }
}

/// <summary>A line with lines under it, or a line by itself.</summary>
/// <param name="head">As a draft has it; empty for a list without a head.</param>
internal sealed class Block(string head) : Item
{
    /// <summary>The line.</summary>
    public string Head { get; set; } = head;

    /// <summary>What is under it.</summary>
    public List<Item> Items { get; } = [];

    /// <summary>True where tasks without an amount of their own belong under it: the numbers of a scheme.</summary>
    public bool IsScheme { get; init; }

    /// <summary>The load of a complex.</summary>
    public TaskItem? Bar { get; init; }

    /// <summary>All tasks under it, at any depth.</summary>
    public IEnumerable<TaskItem> Tasks =>
        Items.SelectMany(i =>
            i switch
            {
                TaskItem t => [t],
                Block b => b.Bar is { } bar ? b.Tasks.Prepend(bar) : b.Tasks,
                _ => Enumerable.Empty<TaskItem>(),
            }
        );
}

/// <summary>A part of the workout: a window with its work.</summary>
internal sealed class Part
{
    /// <summary>Its letter; empty for the only one.</summary>
    public string Label { get; set; } = "";

    /// <summary>Milliseconds; null where nobody has said.</summary>
    public long? Length { get; private set; }

    /// <summary>Where the length stands.</summary>
    public SourceRange LengthAt { get; private set; }

    /// <summary>Says how long it lasts and where that stands, since whatever contradicts it is asked about there.</summary>
    /// <param name="ms">Milliseconds.</param>
    /// <param name="at">Where it stands.</param>
    public void Lasts(long ms, SourceRange at) => (Length, LengthAt) = (ms, at);

    /// <summary>What it is done for: <c>time</c>, <c>reps</c>; null where nobody has said.</summary>
    public string? Goal { get; set; }

    /// <summary>True for a part that gets what the one before leaves.</summary>
    public bool InTimeLeft { get; set; }

    /// <summary>How often it comes again, as a line of the draft: <c>4 cycles, rest 1:30 between</c>.</summary>
    public string? Again { get; set; }

    /// <summary>What comes before it on the clock: <c>change 0:30</c>.</summary>
    public string? Before { get; set; }

    /// <summary>The work.</summary>
    public Block Work { get; } = new("");

    /// <summary>The lines of the text that say it.</summary>
    public SortedSet<int> Lines { get; } = [];
}

/// <summary>A score.</summary>
internal sealed class ScoreItem
{
    /// <summary>Its label; empty for the only one.</summary>
    public string Label { get; set; } = "";

    /// <summary>As a draft has it: <c>time</c>; empty where only its rules are said.</summary>
    public string Measure { get; set; } = "";

    /// <summary>The only movement that counts; null for all.</summary>
    public string? Only { get; set; }

    /// <summary>A movement that is done and not counted; null for none.</summary>
    public string? NotCounted { get; set; }

    /// <summary>Rules of the score.</summary>
    public List<string> Under { get; } = [];

    /// <summary>The lines of the text that say it.</summary>
    public SortedSet<int> Lines { get; } = [];
}
