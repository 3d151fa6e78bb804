using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Observing;

/// <summary>Units of a counter.</summary>
internal sealed record CounterUnits(string Piece, string Strand, long Units);

/// <summary>What the counting facts say.</summary>
internal sealed record CountsRead(Eq<CounterUnits> Units, Eq<Done> Done, Eq<NoReps> NoReps);

/// <summary>
/// Counts of one entry: card totals in credit, counts in performed units, of members and of intervals, and calls rep by rep all
/// speak of the same work, and must agree.
/// </summary>
/// <param name="facts">Facts that can have happened.</param>
/// <param name="course">The workout with the options that were taken.</param>
/// <param name="disputed">Takes what the facts disagree on.</param>
internal sealed class CountFolding(IReadOnlyList<Observed> facts, Course course, Action<string, IEnumerable<Observed>> disputed)
{
    private readonly List<Done> done = [];
    private readonly List<NoReps> noReps = [];

    public CountsRead Read()
    {
        var units = new List<CounterUnits>();
        foreach (var piece in course.Pieces)
        {
            foreach (var strand in piece.Strands)
            {
                if (Counter(piece.Piece, strand) is { } count)
                {
                    units.Add(new(piece.Piece.Key, strand.Key, count));
                }
            }
        }

        return new(units.ToEq(), done.ToEq(), noReps.ToEq());
    }

    private long? Counter(PieceOfWork piece, CourseStrand strand)
    {
        bool Mine(string of, string counter) => of == piece.Key && counter == strand.Key;
        var about =
            $"the count of {(piece.IsNamed ? piece.Name : $"part {piece.Key}")}{(strand.Name.Length > 0 ? $", {strand.Name}" : "")}";
        var seen = new List<(long Units, Observed[] From)>();
        foreach (var fact in facts)
        {
            switch (fact.Fact)
            {
                case Fact.Counted c when Mine(c.Piece, c.Strand):
                    seen.Add((strand.Counter.Reach(c.Credit, Tally.Credit)!.Value, [fact]));
                    break;
                case Fact.Reached { Seat: null, Interval: null } r when Mine(r.Piece, r.Strand):
                    seen.Add((r.Units, [fact]));
                    break;
            }
        }

        var shares = facts
            .Where(f => f.Fact is Fact.Reached { Seat: not null } or Fact.Reached { Interval: not null })
            .Where(f => Mine(((Fact.Reached)f.Fact).Piece, ((Fact.Reached)f.Fact).Strand))
            .ToList();
        if (Shares(piece.Key, strand, shares, about) is { } together)
        {
            seen.Add((together, [.. shares]));
        }

        var called = facts.Where(f => f.Fact is Fact.Called c && Mine(c.Piece, c.Strand)).ToList();
        if (Calls(piece.Key, strand, called, about) is { } good)
        {
            seen.Add((good, [.. called]));
        }

        // What several say of their own part, or call by call, can be more than there is to do: then not all of it can be right.
        if (seen.Select(s => s.Units).Distinct().Skip(1).Any() || seen.Exists(s => s.Units > (strand.Counter.Units ?? long.MaxValue)))
        {
            disputed(about, seen.SelectMany(s => s.From));
            return null;
        }

        if (seen.Count == 0)
        {
            return null;
        }

        done.Add(new(piece.Key, strand.Key, null, seen[0].Units));
        return seen[0].Units;
    }

    /// <summary>The sum of what members did, or of what was done in intervals; null when there are none, or one is disputed.</summary>
    private long? Shares(string piece, CourseStrand strand, List<Observed> shares, string about)
    {
        var sum = 0L;
        var whole = shares.Count > 0;
        foreach (var share in shares.GroupBy(f => (((Fact.Reached)f.Fact).Seat, ((Fact.Reached)f.Fact).Interval)))
        {
            var values = share.Select(f => ((Fact.Reached)f.Fact).Units).Distinct().ToList();
            if (values.Count > 1)
            {
                var (seat, interval) = share.Key;
                disputed($"{about}{(seat is { } s ? $" by place {s}" : "")}{(interval is { } i ? $" in interval {i}" : "")}", share);
                whole = false;
                continue;
            }

            sum = Count.Add(sum, values[0]);
        }

        foreach (var member in shares.Select(f => (Fact.Reached)f.Fact).Where(r => r.Seat is not null).Distinct().GroupBy(r => r.Seat))
        {
            done.Add(new(piece, strand.Key, member.Key, member.Sum(r => r.Units)));
        }

        return whole ? sum : null;
    }

    /// <summary>Units that were called good; tries that did not count are told with what was broken.</summary>
    private long? Calls(string piece, CourseStrand strand, List<Observed> called, string about)
    {
        var good = 0L;
        var whole = called.Count > 0;
        var wrong = new List<Fact.Called>();
        foreach (var attempt in called.GroupBy(f => ((Fact.Called)f.Fact).Try))
        {
            var calls = attempt.Select(f => (Fact.Called)f.Fact).ToList();
            if (calls.Select(c => c.Is).Distinct().Skip(1).Any())
            {
                disputed($"try {attempt.Key} in {about}", attempt);
                whole = false;
            }
            else if (calls[0].Is == Call.Good)
            {
                good++;
            }
            else
            {
                // Of several who saw the same no-rep, the one who named what was broken says most.
                wrong.Add(calls.OrderBy(c => c.Clause is null).ThenBy(c => c.Clause, StringComparer.Ordinal).First());
            }
        }

        noReps.AddRange(
            wrong
                .GroupBy(c => (c.Clause, c.Seat))
                .OrderBy(g => g.Key)
                .Select(g => new NoReps(piece, strand.Key, g.Key.Clause, g.Key.Seat, g.Count()))
        );
        return whole ? good : null;
    }
}
