using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <content>How many judges a lane needs.</content>
public sealed partial class Clockwork
{
    private readonly Dictionary<SourceRange, bool> holds = [];

    /// <summary>What is watched at once: one place for each station, and one more for a hold that decides whether a rep counts (common
    /// practice: a judge for each).</summary>
    private Eq<WatchedPlace> WatchedAt(List<PieceOfWork> at)
    {
        var places = new List<WatchedPlace>();
        // Parts that follow each other on one running clock are watched by the same judge.
        foreach (var piece in at.Where(p => !p.InTimeLeft))
        {
            if (piece.Swaps.Count == 0)
            {
                places.Add(new(posts.Counting(NamesOf(piece)), false, piece.Key, piece.Station ?? piece.Label));
            }
            else if (!places.Exists(p => p.Piece == piece.Key))
            {
                places.AddRange(
                    piece.Swaps.Select(s => new WatchedPlace(posts.Counting([s.Name, .. NamesOf(piece)]), false, piece.Key, s.Name))
                );
            }
        }

        if (at.Find(HasHold) is { } held)
        {
            places.Add(new(posts.Holding, true, held.Key, null));
        }

        return places.ToEq();
    }

    private static IEnumerable<string> NamesOf(PieceOfWork piece) =>
        new[] { piece.Station, piece.Label, piece.Group, piece.OfCycles }.OfType<string>();

    /// <summary>Cycles and turns come back to the same lines, which are looked through once.</summary>
    private bool HasHold(PieceOfWork piece)
    {
        if (!holds.TryGetValue(piece.At, out var has))
        {
            holds[piece.At] = has = HasHoldIn(piece);
        }

        return has;
    }

    /// <summary>True for work in which a crew-mate holds a position.</summary>
    internal static bool HasHoldIn(PieceOfWork piece) => Holds(piece.Items).Any();

    private static IEnumerable<Rule.Hold> Holds(IEnumerable<Work> items) =>
        WorkTree
            .Walk(items)
            .SelectMany(w =>
                w switch
                {
                    Work.RuleLine { Rule: Rule.Hold hold } => [hold],
                    Work.Task t => t.Lines.OfType<TaskLine.RuleOf>().Select(r => r.Rule).OfType<Rule.Hold>(),
                    _ => [],
                }
            );
}
