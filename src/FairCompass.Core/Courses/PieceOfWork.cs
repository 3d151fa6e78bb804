using System.Globalization;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>A piece of work with a goal, at one place on the clock: what one counter, or several beside each other, belong to.</summary>
/// <param name="Key">Its position in the workout, stable while the text's structure is: <c>0</c>, <c>1</c>.</param>
/// <param name="Label">Its name, or null.</param>
/// <param name="Goal">What for.</param>
/// <param name="InTimeLeft">True when it gets what the piece before left over.</param>
/// <param name="Window">The length of the window it stands in, without what gates add; null when unset.</param>
/// <param name="Starts">When that window opens on the hall clock; null when something before it is unset.</param>
/// <param name="Items">The work.</param>
/// <param name="At">The line that opens it.</param>
public sealed record PieceOfWork(
    string Key,
    string? Label,
    Goal Goal,
    bool InTimeLeft,
    Duration? Window,
    Duration? Starts,
    Eq<Work> Items,
    SourceRange At
)
{
    /// <summary>The group of the team that does it; null for everybody.</summary>
    public string? Group { get; init; }

    /// <summary>The place in the team that does it, from 1; null for everybody.</summary>
    public int? Seat { get; init; }

    /// <summary>The station, or null.</summary>
    public string? Station { get; init; }

    /// <summary>The cycle, from 1; null outside cycles.</summary>
    public int? Cycle { get; init; }

    /// <summary>The name of the cycles it is one of; null outside cycles, and where they have none.</summary>
    public string? OfCycles { get; init; }

    /// <summary>The turn of a rota or wave, from 1; null elsewhere.</summary>
    public int? Turn { get; init; }

    /// <summary>The piece at whose last rep this one goes on; null for one that begins at its first.</summary>
    public string? GoesOnFrom { get; init; }

    /// <summary>True for every part of a relay that goes on counting, the first included.</summary>
    public bool OfChain { get; init; }

    /// <summary>How long the pieces before it took that it goes on from; zero for one that begins at its first rep.</summary>
    public Duration Earlier { get; init; }

    /// <summary>The stations that are worked in any order of swaps inside this piece; empty elsewhere.</summary>
    public Eq<Station> Swaps { get; init; }

    /// <summary>The station whose completion swaps the places; null elsewhere.</summary>
    public string? SwapWhen { get; init; }

    /// <summary>The station whose completion ends the piece before its time; null when none does.</summary>
    public string? SwapUntil { get; init; }

    /// <summary>The pieces of a workout that one athlete or a whole team would do, whatever the division.</summary>
    public static IReadOnlyList<PieceOfWork> Of(Workout workout) => Clockwork.Of(workout, null).Pieces;

    /// <summary>The piece's name in sentences: <c>A</c>, <c>Row, cycle 2, turn 3 (2nd)</c>, or <c>the work</c> when it has none.</summary>
    public string Name => NameIn(Tongue.English);

    /// <summary>True when the piece has a name of its own.</summary>
    public bool IsNamed => Parts(Tongue.English).Count > 0 || Seat is not null;

    /// <summary>The piece's name in a language; labels, stations and groups stay as their author wrote them.</summary>
    public string NameIn(Tongue tongue)
    {
        var parts = Parts(tongue);
        var seat = Seat is { } s ? tongue.Ordinal(s) : null;
        return parts.Count == 0
            ? seat is null
                ? tongue.Say("the work", "el trabajo")
                : tongue.Say($"{seat} member", $"{seat} miembro")
            : string.Join(", ", parts) + (seat is null ? "" : $" ({seat})");
    }

    private List<string> Parts(Tongue tongue)
    {
        var parts = new List<string>();
        if ((Label ?? Station ?? OfCycles) is { } name)
        {
            parts.Add(name);
        }

        if (Group is { } group && group != Label)
        {
            parts.Add(group);
        }

        if (Cycle is { } cycle)
        {
            parts.Add(tongue.Say("cycle ", "ciclo ") + cycle.ToString(CultureInfo.InvariantCulture));
        }

        if (Turn is { } turn && Group is null)
        {
            parts.Add(tongue.Say("turn ", "turno ") + turn.ToString(CultureInfo.InvariantCulture));
        }

        return parts;
    }

    /// <summary>True when a score that is taken <c>of</c> a name means this piece.</summary>
    public bool Answers(string name) =>
        name == Label
        || name == Station
        || name == Group
        || name == OfCycles
        || (Cycle is { } c && name == "cycle " + c.ToString(CultureInfo.InvariantCulture))
        || (Seat is { } s && name == Text.Words.Ordinal(s));

    /// <summary>True when the load, or a height that rises, is the result: each try is noted in place of a count.</summary>
    public bool IsHeaviest
    {
        get
        {
            // A loop without an enumerator object: the player asks with every unit.
            foreach (var item in Items)
            {
                if (item is Work.Task { Amount: Amount.Heaviest or Amount.Highest })
                {
                    return true;
                }
            }

            return false;
        }
    }

    /// <summary>True when a height that rises is the result.</summary>
    public bool IsRising => Items.Any(i => i is Work.Task { Amount: Amount.Highest });

    /// <summary>How many reps the set has whose load is the result, those of all lifts of a complex; 1 for a single lift.</summary>
    public int SetOf
    {
        get
        {
            foreach (var item in Items)
            {
                if (item is Work.Task { Amount: Amount.Heaviest of } task)
                {
                    return (of.SetOf ?? 1) + task.Lines.OfType<TaskLine.Then>().Sum(t => t.Reps);
                }
            }

            return 1;
        }
    }
}
