using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <summary>A line of a workout as it is said on paper.</summary>
/// <param name="Level">Its indentation, from 0.</param>
/// <param name="Text">The words.</param>
public sealed record SpokenLine(int Level, string Text);

/// <summary>
/// Says a workout in sentences, for papers. It is not a second notation: nobody types it, and nothing reads it back. Words that an
/// author made up, such as labels and stations, stay as they are; on a Spanish paper notes and remarks stand in «».
/// </summary>
public sealed partial class SpokenWork
{
    private readonly Tongue tongue;
    private readonly DutyOrder order;
    private readonly List<SpokenLine> lines = [];

    private SpokenWork(Tongue tongue, DutyOrder order) => (this.tongue, this.order) = (tongue, order);

    /// <summary>The lines of the stages.</summary>
    /// <param name="stages">In order.</param>
    /// <param name="tongue">The language, with the names of the movements.</param>
    /// <param name="order">Whose value stands before a stroke; men’s where nobody says.</param>
    public static IEnumerable<SpokenLine> Of(IEnumerable<Stage> stages, Tongue tongue, DutyOrder order = DutyOrder.ManWoman)
    {
        var said = new SpokenWork(tongue, order);
        foreach (var stage in stages)
        {
            said.Stage(0, stage);
        }

        return said.lines;
    }

    /// <summary>One line of work without what stands under it.</summary>
    /// <param name="work">The line.</param>
    /// <param name="tongue">The language.</param>
    /// <param name="order">Whose value stands before a stroke; men’s where nobody says.</param>
    public static string Line(Work work, Tongue tongue, DutyOrder order = DutyOrder.ManWoman)
    {
        var said = new SpokenWork(tongue, order);
        said.Work(0, work);
        return said.lines[0].Text;
    }

    private string Say(string english, string spanish) => tongue.Say(english, spanish);

    private void Add(int level, string content, string? note) =>
        lines.Add(new(level, note is null ? content : $"{content} ({(tongue.IsSpanish ? $"«{note}»" : note)})"));

    private string Time(Duration? time) => time?.ToString() ?? Unsaid;

    private string Times(Eq<Duration?> times) => string.Join(Say(", then ", ", luego "), times.Select(Time));

    private string Unsaid => Say("(unset)", "(sin fijar)");

    private string Unset(string figures) => figures.Replace("unset", Unsaid, StringComparison.Ordinal);

    /// <summary>Others’ times in brackets: <c> (Meadow: 7:00)</c>; nothing where there are none.</summary>
    private string But(Eq<TimeFor> others) =>
        others.Count == 0 ? "" : $" ({string.Join("; ", others.Select(o => $"{tongue.Join(o.For.Select(Who))}: {Times(o.Times)}"))})";

    private string Who(Who who) => string.Join(Say(" and ", " y "), who.Names.Select(tongue.Name));

    private void Block(int level, Eq<Work> items)
    {
        foreach (var item in items)
        {
            Work(level, item);
        }
    }
}
