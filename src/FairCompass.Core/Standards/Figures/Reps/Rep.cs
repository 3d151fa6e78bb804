using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards.Figures.Reps;

/// <summary>What a rep is to show of one clause.</summary>
/// <param name="Clause">The clause’s id.</param>
/// <param name="Margin">How far inside its limit; negative is outside. In the unit of <see cref="Trainable"/>.</param>
public sealed record Asked(string Clause, double Margin);

/// <summary>How a rep stands to one clause: decided by its predicate, never by what was asked for.</summary>
/// <param name="Clause">The clause’s id.</param>
/// <param name="Holds">True when the rep keeps it.</param>
/// <param name="Margin">How far inside the limit, to a tenth; negative when outside.</param>
/// <param name="Unit">In what.</param>
/// <param name="At">When it is decided, milliseconds from the beginning of the film.</param>
/// <param name="Shown">The moment, with the judged plane and point marked; null for a time between two feet.</param>
public sealed record RepTruth(string Clause, bool Holds, decimal Margin, DeviationUnit Unit, int At, Drawing? Shown);

/// <summary>A rep with its truth.</summary>
/// <param name="Athlete">Who does it.</param>
/// <param name="Scenes">What is done, <see cref="Film.Rate"/> scenes a second.</param>
/// <param name="Sounds">When a touch is heard, milliseconds from the beginning.</param>
/// <param name="Stills">The pictures of its positions, whichever is judged.</param>
/// <param name="From">From where the judge sees it.</param>
/// <param name="Truths">What was asked for, as the clauses decide it.</param>
/// <param name="Broken">Every clause that it breaks; empty for a good rep.</param>
/// <param name="Ends">When the rep is over and can be called, milliseconds from the beginning of the film.</param>
public sealed record Rep(
    Variety Athlete,
    IReadOnlyList<Scene> Scenes,
    Eq<int> Sounds,
    Eq<int> Stills,
    View From,
    Eq<RepTruth> Truths,
    Eq<string> Broken,
    int Ends
)
{
    /// <summary>What is seen.</summary>
    /// <param name="from">From where; null for the judge’s post.</param>
    public Film Film(View? from = null) => Reps.Film.Of(Scenes, from ?? From, Sounds);
}

/// <summary>A clause of which reps with a known margin can be made.</summary>
/// <param name="Clause">The clause.</param>
/// <param name="Unit">The unit of its margins.</param>
/// <param name="Inside">The largest margin that bodies of all sizes can show, from 0.</param>
/// <param name="Outside">The smallest; negative.</param>
/// <param name="From">From where it is seen at the judge’s post.</param>
public sealed record Trainable(Clause Clause, DeviationUnit Unit, double Inside, double Outside, View From)
{
    /// <summary>The smallest difference that is asked for: below it nobody at a post sees anything. Assumptions of ours.</summary>
    public double Step => StepOf(Unit);

    /// <summary>The largest deviation that is asked for, either way: what is further off is seen by everybody.</summary>
    public static double Most(DeviationUnit unit) =>
        unit switch
        {
            DeviationUnit.Millimetres => 150,
            DeviationUnit.Degrees => 40,
            _ => 400,
        };

    /// <summary>The smallest difference of a unit that is asked for.</summary>
    /// <param name="unit">The unit.</param>
    public static double StepOf(DeviationUnit unit) =>
        unit switch
        {
            DeviationUnit.Millimetres => 20,
            DeviationUnit.Degrees => 8,
            _ => 50,
        };
}
