using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Observing;

/// <summary>What an entry ran under: a version of a workout, compiled for it, with the ids of its lines.</summary>
/// <param name="Course">The workout for the entry, without options taken.</param>
/// <param name="Sheet">Its scores.</param>
/// <param name="Lines">The id of each line of the text, by its number from 1.</param>
public sealed record RanUnder(Course Course, ScoreSheet Sheet, IReadOnlyDictionary<int, NodeId> Lines);

/// <summary>
/// Facts that were seen under one version of a workout, for another version of it: after a correction a card that was written
/// already is read by the version that holds now. A fact goes where its lines went, whatever stands before them by then, and
/// only when what it says is the same there. A count is, when everything up to it is; a time, when the whole work is.
/// </summary>
/// <param name="Facts">The facts that hold under the newer version too, with their ids, in the order they came in.</param>
/// <param name="Left">The facts that say something else there or nothing, and why: the head judge decides.</param>
public sealed record FactsCarried(Eq<Observed> Facts, Eq<Trouble> Left)
{
    /// <summary>Takes facts of an entry over to another version.</summary>
    /// <param name="facts">In any order.</param>
    /// <param name="older">What they were seen under.</param>
    /// <param name="newer">What they are to be read by, compiled for the same entry.</param>
    public static FactsCarried Onto(IEnumerable<Observed> facts, RanUnder older, RanUnder newer)
    {
        var all = facts.ToList();
        var places = new SamePlaces(older, newer, Folding.Of(all, older.Course, older.Sheet).Run.Choices);
        var carried = new List<Observed>();
        var left = new List<Trouble>();
        foreach (var fact in all)
        {
            var answer = Carried(fact.Fact, places, newer.Sheet);
            if (answer.Refused is { } refused)
            {
                left.Add(new(fact.Id, refused.Path, refused.Message));
            }
            else
            {
                carried.Add(fact with { Fact = answer.Value! });
            }
        }

        return new(carried.ToEq(), left.ToEq());
    }

    private static Answer<Fact> Carried(Fact fact, SamePlaces places, ScoreSheet sheet) =>
        fact switch
        {
            Fact.Counted f => At(
                places.Counter(f.Piece, f.Strand, c => c.Performed(f.Credit)),
                c => f with { Piece = c.Piece, Strand = c.Key }
            ),
            Fact.Reached f => At(places.Counter(f.Piece, f.Strand, _ => f.Units), c => f with { Piece = c.Piece, Strand = c.Key }),
            // A try that did not count brings nobody further, so no more units were looked at than tries were made.
            Fact.Called f => At(
                places.Counter(f.Piece, f.Strand, c => Math.Min(f.Try, c.Units ?? f.Try)),
                c => f with { Piece = c.Piece, Strand = c.Key }
            ),
            Fact.Timed f => At(places.WholeWork(f.Piece), piece => f with { Piece = piece }),
            Fact.Did f => At(places.WholeWork(f.Piece), piece => f with { Piece = piece }),
            Fact.Lifted f => At(places.WholeWork(f.Piece), piece => f with { Piece = piece }),
            Fact.Ticked f => At(places.WholeWork(f.Piece), piece => f with { Piece = piece }),
            Fact.Faulted f => places.WholeWork(f.Piece) is { Value: { } there } && !FaultCost.Named(there, sheet).Contains(f.Fault)
                ? new FieldError("fault", "The newer version has no cost for this fault.")
                : At(places.WholeWork(f.Piece), piece => f with { Piece = piece }),
            Fact.Held f => At(places.WholeWork(f.Piece), piece => f with { Piece = piece }),
            Fact.Unverified f => At(places.WholeWork(f.Piece), piece => f with { Piece = piece }),
            Fact.Chose f => At(places.Option(f.Piece, f.Task, f.Option), o => f with { Piece = o.Piece, Task = o.Task, Option = o.Option }),
            Fact.Adjusted f when sheet.Components.All(c => c.Name != f.Component) => new FieldError(
                "component",
                "The newer version has no score of this name."
            ),
            _ => fact,
        };

    private static Answer<Fact> At<T>(Answer<T> place, Func<T, Fact> fact)
        where T : class => place.Value is { } found ? fact(found) : place.Refused!;
}
