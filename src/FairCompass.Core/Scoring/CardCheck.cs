using System.Globalization;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <summary>Looks for what cannot have happened on a card.</summary>
internal sealed class CardCheck(RunObservation run, Course course, ScoreSheet sheet)
{
    private const long LargestCount = 1_000_000;
    private readonly List<FieldError> errors = [];

    /// <summary>What the card asks of the workout as the athlete did it: options taken change how many units there are.</summary>
    private Eq<CardField> fields = [];

    public IReadOnlyList<FieldError> Errors()
    {
        foreach (var (index, sentence) in Card.Refusals(run.Choices, course))
        {
            Add($"choices[{index}].option", sentence);
        }

        var taken = errors.Count > 0 ? course : course.With(run.Choices);
        fields = Card.Fields(taken, sheet);
        for (var i = 0; i < run.Pieces.Count; i++)
        {
            Piece(i, taken);
        }

        if (run.Status != EntryStatus.Ran)
        {
            if (
                run.Status == EntryStatus.DidNotStart
                && run.Pieces.Any(p =>
                    Tallying.Finished(p) || p.Performed is > 0 || p.Tries.Count > 0 || p.Counts.Any(c => c.Performed > 0)
                )
            )
            {
                Add("status", "Who did not start has no result; clear the fields or change the status.");
            }

            return errors;
        }

        Reached();
        return errors;
    }

    /// <summary>What a part that was reached lacks, and what one says that was not.</summary>
    private void Reached()
    {
        var unreached = sheet
            .Components.Where(c => c.Before is { } before && !Tallying.Finished(run.Of(before)))
            .SelectMany(c => c.Pieces)
            .ToHashSet(StringComparer.Ordinal);
        foreach (
            var key in fields
                .Where(f => f.Field is CardFieldKind.Counted or CardFieldKind.Count && !unreached.Contains(f.Piece))
                .Select(f => f.Piece)
                .Distinct()
        )
        {
            var seen = run.Of(key);
            var index = Math.Max(0, IndexOf(key));
            var timed = fields.Any(f => f.Piece == key && f.Field == CardFieldKind.Finish);
            if (
                !Tallying.Finished(seen)
                && seen is { Performed: null, Counted: null, Units: null, Stood: null, Counts.Count: 0, Ticks: null }
            )
            {
                Add($"pieces[{index}].units", timed ? "Enter the finishing time, or the reps done at the cap." : "Enter the reps done.");
            }
        }

        for (var i = 0; i < run.Pieces.Count; i++)
        {
            if (unreached.Contains(run.Pieces[i].Piece) && Says(run.Pieces[i]) is { } given)
            {
                Add($"pieces[{i}].{given}", "The part before was not finished, so this one was never reached.");
            }
        }
    }

    /// <summary>The key under which a part says that something was done in it; null when it says nothing.</summary>
    private static string? Says(PieceObservation seen) =>
        seen.Tries.Count > 0 ? "tries"
        : seen.Finish is not null ? "finish"
        : seen.Performed is > 0 ? seen.Key
        : seen.Counts.Any(c => c.Performed is > 0) ? "counts"
        : null;

    private void Piece(int index, Course taken)
    {
        var seen = run.Pieces[index];
        var path = $"pieces[{index}]";
        if (taken.Piece(seen.Piece) is not { } piece)
        {
            Add(
                path + ".piece",
                $"This workout has no such part; there {(taken.Pieces.Count == 1 ? "is" : "are")} "
                    + $"{Text.Words.Join(taken.Pieces.Select(p => p.Piece.IsNamed ? $"{p.Piece.Key} ({p.Piece.Name})" : p.Piece.Key))}."
            );
            return;
        }

        if (run.Pieces.Take(index).Any(p => p.Piece == seen.Piece))
        {
            Add(path + ".piece", "This part is on the card twice.");
        }

        var mine = fields.Where(f => f.Piece == seen.Piece).ToList();
        if (seen.Stood is { } stood)
        {
            Stood(stood, seen, piece, path);
        }

        Times(seen, piece, mine, path);
        Counts(seen, piece, mine, path);
        errors.AddRange(FaultCost.Objections(seen, mine).Select(e => e with { Path = $"{path}.{e.Path}" }));
        errors.AddRange(MemberCheck.Behind(seen, piece, taken, run).Select(e => e with { Path = $"{path}.{e.Path}" }));
        errors.AddRange(MemberCheck.Objections(seen, piece, taken).Select(e => e with { Path = $"{path}.{e.Path}" }));
        errors.AddRange(LoadMoved.Objections(seen, piece, taken, sheet).Select(e => e with { Path = $"{path}.{e.Path}" }));
        errors.AddRange(LiftCheck.Objections(seen, piece, course).Select(e => e with { Path = $"{path}.{e.Path}" }));
        if (seen.Ticks is { } ticks && (ticks < 0 || ticks > Tallying.Targets(piece)))
        {
            Add(
                path + ".ticks",
                Tallying.Targets(piece) == 0
                    ? "This part has no bonus target to tick."
                    : $"There {(Tallying.Targets(piece) == 1 ? "is 1 target" : $"are {Tallying.Targets(piece)} targets")}, so no "
                        + $"{ticks} ticks."
            );
        }

        if (
            seen.Unverified is { } doubtful
            && (
                sheet.UnverifiedIsNoRep is null
                || doubtful < 0
                || doubtful > (seen.Performed ?? (Tallying.Finished(seen) ? piece.Strand?.Units : null) ?? 0)
            )
        )
        {
            Add(
                path + ".unverified",
                sheet.UnverifiedIsNoRep is null
                    ? "Units are verified on video only; this workout has no rule for it."
                    : "From 0 to the units that were done."
            );
        }
    }

    private void Stood(LedgerPlace stood, PieceObservation seen, CoursePiece piece, string path)
    {
        var task = piece.Tasks.FirstOrDefault(t => t.Index == stood.Task);
        Add(
            path + ".stood",
            seen.Performed is not null || seen.Counted is not null || seen.Units is not null || Tallying.Finished(seen)
                    ? "Give the place, or the count, or the finishing time: only one of them."
                : stood.Millimetres is { } distance && task is not null && Card.Sections(distance, task, out _) is null
                    ? $"{task.Prescription.Movement.Value} is counted in {task.Counted.Word}s, not by distance."
                : "There is no such place in the ledger: another round, or more reps than the task has in it."
        );
    }

    private void Times(PieceObservation seen, CoursePiece piece, List<CardField> mine, string path)
    {
        var start = piece.Piece.Starts ?? Duration.Zero;
        var end = piece.Limit is { } limit ? start + limit.Longest : Duration.Seconds(86_400);
        if (seen.Watches.Count > 3 || (seen.Watches.Count > 0 && seen.Finish is not null))
        {
            Add(
                path + ".watches",
                seen.Watches.Count > 3 ? "At most three watches." : "Give the finishing time, or what the watches show: only one of them."
            );
        }

        foreach (
            var (time, name) in seen.Watches.Select((w, i) => (w, $".watches[{i}]")).Concat(seen.Finish is { } f ? [(f, ".finish")] : [])
        )
        {
            if (mine.All(field => field.Field != CardFieldKind.Finish))
            {
                Add(path + name, "This part has no finishing time.");
            }
            else if (time <= start || time > end)
            {
                Add(
                    path + name,
                    piece.Limit is null ? $"A finish lies after {start}." : $"A finish lies after {start} and not after {end}."
                );
            }
        }

        TieTime(seen, piece, mine, path, start, end);
        errors.AddRange(MarkCheck.Objections(seen, piece, sheet, end).Select(e => e with { Path = $"{path}.{e.Path}" }));
        foreach (var error in GateCheck.Objections(seen, piece, sheet, end))
        {
            Add($"{path}.{error.Path}", error.Message);
        }
    }

    private void TieTime(PieceObservation seen, CoursePiece piece, List<CardField> mine, string path, Duration start, Duration end)
    {
        if (seen.TieTime is not { } tie)
        {
            return;
        }

        var last = Tallying.Finish(seen, sheet) ?? end;
        if (mine.All(field => field.Field != CardFieldKind.TieTime))
        {
            Add(path + ".tieTime", "No tie-break asks for a time in this part.");
        }
        else if (tie <= start || tie > last)
        {
            Add(path + ".tieTime", $"This time lies after {start} and not after {last}.");
        }
        else if (RoundMark(seen.Piece, piece) is { } mark && piece.Limit is { } cap && tie > start + cap.For(mark - 1))
        {
            Add(
                path + ".tieTime",
                $"{Printed(piece, mark)} had to be done by {start + cap.For(mark - 1)}, when the clock ended for all who had less."
            );
        }
        else if (
            piece.Limit is { Gates.Count: > 0 } limit
            && seen.Performed is { } units
            && !sheet.Components.Any(c => c.Ties.OfType<Tiebreak.TimeAtRound>().Any(t => t.Piece == seen.Piece))
        )
        {
            // The time at a gate cannot be later than the moment the gate closed.
            var passed = limit.Gates.TakeWhile(g => units >= g.Units).ToList();
            var closes = start + passed.SkipLast(1).Aggregate(limit.Base, (sum, g) => sum + g.Adds);
            if (passed.Count == 0)
            {
                Add(
                    path + ".tieTime",
                    $"The first gate stands after {Printed(piece, limit.Gates[0].Units)}; {Printed(piece, units)} have not passed it."
                );
            }
            else if (tie > closes || (tie == closes && sheet.GateOnSecondCounts == false))
            {
                Add(
                    path + ".tieTime",
                    tie == closes
                        ? $"The gate closes at {closes}, and on the second it is missed."
                        : $"The gate after {Printed(piece, passed[^1].Units)} closed at {closes}."
                );
            }
        }
    }

    /// <summary>A bare total of several counters names no place; the ones it can mean are listed.</summary>
    private static string Several(CoursePiece piece, long total)
    {
        var places = total < 0 ? [] : Intervals.Places(piece, total);
        return "This part has several counters; give a count for each."
            + (
                places.Count == 0
                    ? ""
                    : $" {total} in all can be "
                        + $"{Text.Words.Join(places.Take(4).Select(p => $"interval {p.Interval} with {p.First} + {p.Then}"), "or")}"
                        + $"{(places.Count > 4 ? $", and {places.Count - 4} more" : "")}."
            );
    }

    /// <summary>The units at the round whose time breaks ties; null when the round is not fixed.</summary>
    private long? RoundMark(string key, CoursePiece piece) =>
        sheet
            .Components.SelectMany(c => c.Ties)
            .OfType<Tiebreak.TimeAtRound>()
            .Where(t => t.Piece == key && t.Round is not null)
            .Select(t => piece.Strand?.UnitsAfterRound(t.Round!.Value))
            .FirstOrDefault();

    /// <summary>The number in the box at a number of performed units.</summary>
    private static long Printed(CoursePiece piece, long units) =>
        piece.Strand is { } strand && units >= 0 && units <= (strand.Units ?? Count.Ceiling) ? strand.Counted(units) : units;

    private void Counts(PieceObservation seen, CoursePiece piece, List<CardField> mine, string path)
    {
        if (new[] { seen.Performed, seen.Counted, seen.Units }.Count(n => n is not null) > 1)
        {
            Add(path + ".units", "Give counted, performed or units: only one of them.");
        }
        else if ((seen.Counted ?? seen.Units) is { } unread)
        {
            Unread(seen, unread, piece, mine, path);
        }
        else if (Tallying.Finished(seen))
        {
            if (seen.Performed is not null && seen.Performed != piece.Strand?.Units)
            {
                Add($"{path}.{seen.Key}", "Who finished has done every rep; leave the count empty, or clear the finishing time.");
            }
        }
        else if (seen.Performed is { } units)
        {
            Performed(units, piece, mine, $"{path}.{seen.Key}");
        }

        if (IntervalCheck.Objection(seen, piece) is { } after)
        {
            Add(path + ".counts", after);
        }

        for (var i = 0; i < seen.Counts.Count; i++)
        {
            Counter(seen, i, piece, mine, $"{path}.counts[{i}]");
        }
    }

    /// <summary>A number of the only counter that could not be read as a place.</summary>
    private void Unread(PieceObservation seen, long number, CoursePiece piece, List<CardField> mine, string path) =>
        Add(
            path + (seen.Counted is null ? ".units" : ".counted"),
            piece.Strand is { } strand ? CardCounts.Refusal(seen.Counted, seen.Units, strand, piece)
                : mine.Any(f => f.Field == CardFieldKind.Count) ? Several(piece, number)
                : "This part is not counted."
        );

    private void Performed(long units, CoursePiece piece, List<CardField> mine, string path)
    {
        if (mine.Find(f => f.Field == CardFieldKind.Counted) is not { } field || piece.Strand is not { } strand)
        {
            Add(path, mine.Any(f => f.Field == CardFieldKind.Count) ? Several(piece, units) : "This part is not counted.");
            return;
        }

        var timed = mine.Any(f => f.Field == CardFieldKind.Finish);
        var most = timed ? strand.Units - 1 : strand.Units;
        if (units < 0 || units > (most ?? LargestCount))
        {
            Add(
                path,
                timed && units == strand.Units
                    ? $"All {strand.AllCounted} reps are done, so the work is finished: enter the finishing time."
                    : string.Create(CultureInfo.InvariantCulture, $"From 0 to {field.Max ?? LargestCount}.")
            );
        }
    }

    private void Counter(PieceObservation seen, int index, CoursePiece piece, List<CardField> mine, string path)
    {
        var count = seen.Counts[index];
        if (piece.Strand is not null || piece.Strands.FirstOrDefault(s => s.Key == count.Strand) is not { } strand)
        {
            Add(
                path + ".strand",
                piece.Strand is not null
                    ? "This part has one counter; give its count as units."
                    : $"This part has no such counter: there {(piece.Strands.Count == 1 ? "is" : "are")} "
                        + $"{(piece.Strands.Count == 0 ? "none" : Text.Words.Join(piece.Strands.Select(s => $"{s.Key} ({s.Name})")))}."
            );
        }
        else if (new[] { count.Performed, count.Counted, count.Units }.Count(n => n is not null) != 1)
        {
            Add(path + ".units", "Give counted, performed or units: exactly one of them.");
        }
        else if (count.Performed is not { } units)
        {
            Add(
                path + (count.Counted is null ? ".units" : ".counted"),
                CardCounts.Refusal(count.Counted, count.Units, strand.Counter, piece)
            );
        }
        else if (units < 0 || units > (strand.Counter.Units ?? LargestCount))
        {
            Add(
                $"{path}.{count.Key}",
                string.Create(CultureInfo.InvariantCulture, $"From 0 to {strand.Counter.AllCounted ?? LargestCount}.")
            );
        }
        else if (seen.Counts.Take(index).Any(c => c.Strand == count.Strand))
        {
            Add(path + ".strand", "This counter is on the card twice.");
        }
        else if (
            !Tallying.Finished(seen)
            && mine.Any(f => f.Field == CardFieldKind.Finish)
            && strand.Role != StrandRole.First
            && units == strand.Counter.Units
            && piece.Strands.Count(s => s.Role != StrandRole.First) == 1
        )
        {
            Add($"{path}.{count.Key}", $"All {strand.Counter.AllCounted} are done, so the work is finished: enter the finishing time.");
        }
    }

    private int IndexOf(string piece) => run.Pieces.ToList().FindIndex(p => p.Piece == piece);

    private void Add(string path, string sentence) => errors.Add(new(path, sentence));
}
