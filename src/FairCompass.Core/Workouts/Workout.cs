using FairCompass.Core.Quantities;

namespace FairCompass.Core.Workouts;

/// <summary>A workout as its author wrote it: the model behind a draft text.</summary>
/// <param name="Title">The first line.</param>
/// <param name="Headers">The lines indented under the title.</param>
/// <param name="Stages">What the heat clock does, in order.</param>
/// <param name="Scores">The scores taken from one run.</param>
/// <param name="Policies">Rulings that hold for the whole workout.</param>
public sealed record Workout(string Title, Eq<Header> Headers, Eq<Stage> Stages, Eq<Score> Scores, Eq<Policy> Policies) : Node
{
    /// <summary>The names after <c>for</c>; empty when the line is missing, which means every division.</summary>
    public IEnumerable<string> Divisions => Headers.OfType<Header.For>().SelectMany(f => f.Names).Select(n => n.ToString());

    /// <summary>The declared order of duties, or null when the text does not repeat it.</summary>
    public DutyOrder? Order => Headers.OfType<Header.Order>().FirstOrDefault()?.Duties;
}

/// <summary>Which duty the value before the stroke belongs to.</summary>
public enum DutyOrder
{
    /// <summary><c>a/b is man/woman</c>.</summary>
    ManWoman,

    /// <summary><c>a/b is woman/man</c>.</summary>
    WomanMan,
}
