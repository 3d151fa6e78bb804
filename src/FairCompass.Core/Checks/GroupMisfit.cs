using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Groups, seats, or windows that do not fit the team.</summary>
public sealed class GroupMisfit : ICheck
{
    /// <inheritdoc/>
    public string Id => "group-misfit";

    /// <inheritdoc/>
    public string Title => "Groups, seats, or windows that do not fit the team";

    /// <inheritdoc/>
    public string Why => "A member would stand in two places at once, or nowhere.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var divisions = context.Courses.Select(c => c.Address.Division).DistinctBy(d => (d.Name, d.Size)).ToList();
        foreach (var header in context.Workout.Headers.OfType<Header.Groups>())
        {
            var seats = header.Items.SelectMany(g => g.Seats).ToList();
            if (seats.GroupBy(s => s).FirstOrDefault(g => g.Count() > 1) is { } twice)
            {
                yield return new Report(
                    header.At,
                    $"The {Words.Ordinal(twice.Key)} stands in two groups. Each groups line divides the team once."
                );
            }

            foreach (var division in divisions.Where(d => seats.Exists(s => s < 1 || s > d.Size)))
            {
                yield return new Report(
                    header.At,
                    $"{division.Name} has {division.Size}, so there is no {Words.Ordinal(seats.First(s => s < 1 || s > division.Size))}."
                );
            }
        }

        var groups = context
            .Workout.Headers.OfType<Header.Groups>()
            .SelectMany(g => g.Items)
            .Select(g => g.Name)
            .ToHashSet(StringComparer.Ordinal);
        foreach (
            var (name, at) in WorkTree
                .Stages(context.Workout.Stages)
                .OfType<Stage.Waves>()
                .SelectMany(w => w.By.Select(b => (b.ToString(), w.At)))
                .Concat(context.AllWork.OfType<Work.GroupOf>().SelectMany(g => g.Names.Select(n => (n, g.At))))
        )
        {
            if (!groups.Contains(name))
            {
                yield return new Report(
                    at,
                    $"There is no group called {name}. Declare it under the title: groups {name} 1 2.",
                    Declared(context, name, divisions)
                );
            }
        }

        foreach (var relay in WorkTree.Stages(context.Workout.Stages).OfType<Stage.Relay>())
        {
            if (relay.Continues && Broken(relay, context) is { } sentence)
            {
                yield return new Report(relay.At, sentence);
            }

            foreach (var division in divisions.Where(d => !relay.EachSame && d.IsTeam && d.Size != relay.Times.Count).Take(1))
            {
                yield return new Report(relay.At, $"{relay.Times.Count} windows for the {division.Size} of {division.Name}.");
            }
        }
    }

    /// <summary>The group with the places that no other group has; none where all have one.</summary>
    private static Mend[] Declared(CheckContext context, string name, List<Division> divisions)
    {
        var header = context.Workout.Headers.OfType<Header.Groups>().FirstOrDefault();
        var taken = header?.Items.SelectMany(g => g.Seats).ToHashSet() ?? [];
        var free = Enumerable
            .Range(1, divisions.Where(d => d.IsTeam).Select(d => d.Size).DefaultIfEmpty(0).Min())
            .Where(s => !taken.Contains(s))
            .ToList();
        return free.Count == 0 ? []
            : header is not null ? [context.Added(header.At.Line, $", {name} {string.Join(' ', free)}", "Declare the group")]
            :
            [
                context.Followed(
                    context.Workout.Headers.Select(h => h.At.Line).DefaultIfEmpty(context.Workout.At.Line).Max(),
                    $"  groups {name} {string.Join(' ', free.Take(Math.Max(1, free.Count / 2)))}",
                    "Declare the group"
                ),
            ];
    }

    /// <summary>Units of two members that are compared: no relay has more.</summary>
    private const int Compared = 400;

    /// <summary>Why a relay cannot go on counting; null when it can.</summary>
    private static string? Broken(Stage.Relay relay, CheckContext context)
    {
        if (relay.Goal != Goal.Reps)
        {
            return "A relay that goes on counting is for reps.";
        }

        if (
            context.Workout.Scores.Any(s =>
                s.Measure == Measure.RoundsAndReps
                && context.Courses.Any(c =>
                    c.Pieces.Any(p => p.Piece.At == relay.At && (s.Of.Count == 0 || s.Of.Any(w => p.Piece.Answers(w.ToString()))))
                )
            )
        )
        {
            return "Rounds and reps of a relay that goes on counting are no member’s: score its reps.";
        }

        foreach (var course in context.Courses)
        {
            foreach (var piece in course.Pieces.Where(p => p.Piece.At == relay.At && p.Piece.GoesOnFrom is not null))
            {
                if (piece.Strand is not { } mine || course.Piece(piece.Piece.GoesOnFrom!)?.Strand is not { } before)
                {
                    return "A relay goes on counting where its work has one order.";
                }

                if (mine.Units != before.Units || Enumerable.Range(1, Compared).Any(n => !Same(mine, before, n)))
                {
                    return $"{course.Address}: the work of {piece.Piece.Name} has other amounts, so nobody can say where it goes on.";
                }
            }
        }

        return null;
    }

    private static bool Same(Strand a, Strand b, int unit) =>
        unit > (a.Units ?? unit) || (a.At(unit) is var x && b.At(unit) is var y && x.Task == y.Task && x.Unit == y.Unit);
}
