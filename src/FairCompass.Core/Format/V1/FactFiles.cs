using System.Globalization;
using System.Text.Json;
using FairCompass.Core.Json;
using FairCompass.Core.Observing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Format.V1;

/// <summary>Facts as files, version 1. Written and read again they are the same facts.</summary>
public static class FactFiles
{
    /// <summary>Names a file of facts.</summary>
    public const string Format = "fair-compass/facts";

    /// <summary>The version that is written.</summary>
    public const int Version = 1;

    /// <summary>Facts of one file: a heat has some hundred, a competition is many files.</summary>
    public const int Most = 100_000;

    /// <summary>The file of some facts, in the order of devices and sequences.</summary>
    public static string Write(IEnumerable<Observed> facts) =>
        JsonSerializer.Serialize(
            new FactFile(
                Format,
                Version,
                facts.OrderBy(f => f.Device, StringComparer.Ordinal).ThenBy(f => f.Sequence).ThenBy(f => f.Id).Select(Record).ToList()
            ),
            FactJson.Default.FactFile
        );

    /// <summary>Reads a file.</summary>
    /// <exception cref="JsonException">Malformed, of another format or a newer version, or a fact lacks a key of its kind or has one of
    /// another; the path says where.</exception>
    public static IReadOnlyList<Observed> Read(string json)
    {
        using (var head = JsonDocument.Parse(json, new JsonDocumentOptions { MaxDepth = 8 }))
        {
            if (
                head.RootElement.ValueKind != JsonValueKind.Object
                || !head.RootElement.TryGetProperty("format", out var format)
                || !format.ValueEquals(Format)
            )
            {
                throw new JsonException($"“{Format}” is expected.", "$.format", null, null);
            }

            if (head.RootElement.TryGetProperty("version", out var v) && v.TryGetInt32(out var version) && version != Version)
            {
                throw new JsonException(
                    version > Version
                        ? $"Version {version} was written by a newer program; this one reads up to {Version}."
                        : $"A whole number from 1 to {Version} is expected.",
                    "$.version",
                    null,
                    null
                );
            }
        }

        var file = JsonFaults.Read(json, FactJson.Default.FactFile) ?? throw new JsonException("An object is expected.", "$", null, null);
        return file.Facts.Count > Most
            ? throw new JsonException($"At most {Most} facts in a file.", "$.facts", null, null)
            : file.Facts.Select((f, i) => new FactReader(f, $"$.facts[{i}]").Read()).ToList();
    }

    private static FactRecord Record(Observed o)
    {
        FactRecord Of(string kind) => new(o.Id, o.By, o.At, o.Device, o.Sequence, kind) { Replaces = o.Replaces };
        return o.Fact switch
        {
            Fact.Counted f => Of("counted") with { Piece = f.Piece, Strand = f.Strand, Credit = f.Credit },
            Fact.Did f => Of("did") with { Piece = f.Piece, Task = f.Task, Seat = f.Seat, Units = f.Units },
            Fact.Reached f => Of("reached") with
            {
                Piece = f.Piece,
                Strand = f.Strand,
                Units = f.Units,
                Seat = f.Seat,
                Interval = f.Interval,
            },
            Fact.Called f => Of("called") with
            {
                Piece = f.Piece,
                Strand = f.Strand,
                Try = f.Try,
                Good = f.Is == Call.Good,
                Clause = f.Clause,
                Fault = f.Fault,
                Seat = f.Seat,
            },
            Fact.Timed f => Of("timed") with
            {
                Piece = f.Piece,
                Mark = MarkWord(f.At),
                Number = f.At is Mark.Round r ? r.Number : (f.At as Mark.Gate)?.Number,
                Name = (f.At as Mark.Named)?.Name,
                Watches = f.Watches.Select(w => w.Ms).ToList(),
            },
            Fact.Lifted f => Of("lifted") with
            {
                Piece = f.Piece,
                Number = f.Order,
                Load = Number.Normal(f.Load),
                Good = f.Made,
                Seat = f.Seat,
                NoClips = f.NoClips ? true : null,
                Clause = f.Clause,
                Clock = f.Clock?.Ms,
                Units = f.Reps,
            },
            Fact.Ticked f => Of("ticked") with { Piece = f.Piece, Number = f.Round, Good = f.Hit, Seat = f.Seat },
            Fact.Faulted f => Of("faulted") with { Piece = f.Piece, Fault = f.Fault, Units = f.Times },
            Fact.Chose f => Of("chose") with { Piece = f.Piece, Task = f.Task, Option = f.Option, Number = f.Round },
            Fact.Seated f => Of("seated") with { Seat = f.Seat, Athlete = f.Athlete, FromCycle = f.FromCycle },
            Fact.Held f => Of("held") with { Piece = f.Piece, Good = f.Holds, Clock = f.Clock.Ms, Seat = f.Seat },
            Fact.Ended f => Of("ended") with { How = HowWord(f.How) },
            Fact.Unverified f => Of("unverified") with { Piece = f.Piece, Units = f.Units },
            Fact.Unjudged => Of("unjudged"),
            Fact.Adjusted f => Of("adjusted") with { Component = f.Component, Time = f.Time?.Ms, Credit = f.Credit, Reason = f.Reason },
            Fact.Retracted f => Of("retracted") with { What = f.What, Reason = f.Reason },
            _ => throw new InvalidOperationException($"{o.Fact.GetType().Name} has no form in files yet."),
        };
    }

    internal static string HowWord(EntryStatus how) =>
        how switch
        {
            EntryStatus.Ran => "ran",
            EntryStatus.Withdrew => "withdrew",
            _ => "did not start",
        };

    internal static string MarkWord(Mark mark) =>
        mark switch
        {
            Mark.Finish => "finish",
            Mark.Round => "round",
            Mark.Gate => "gate",
            Mark.Named => "named",
            _ => "last full round",
        };

    /// <summary>Reads one record: every key of its kind, and no key of another.</summary>
    private sealed class FactReader(FactRecord record, string path)
    {
        private readonly HashSet<string> read = new(StringComparer.Ordinal);

        public Observed Read()
        {
            var fact = Fact();
            foreach (var property in Optional().Where(p => p.Set && !read.Contains(p.Name)))
            {
                throw Wrong(property.Name, $"“{record.Kind}” has no such key.");
            }

            return new(record.Id, record.By, record.At, record.Device, record.Sequence, fact, record.Replaces);
        }

        private Fact Fact() =>
            record.Kind switch
            {
                "counted" => new Fact.Counted(Text("piece", record.Piece), Text("strand", record.Strand), Needed("credit", record.Credit)),
                "did" => new Fact.Did(
                    Text("piece", record.Piece),
                    Needed("task", record.Task),
                    Needed("seat", record.Seat),
                    Needed("units", record.Units)
                ),
                "reached" => new Fact.Reached(
                    Text("piece", record.Piece),
                    Text("strand", record.Strand),
                    Needed("units", record.Units),
                    May("seat", record.Seat),
                    May("interval", record.Interval)
                ),
                "called" => new Fact.Called(
                    Text("piece", record.Piece),
                    Text("strand", record.Strand),
                    Needed("try", record.Try),
                    Needed("good", record.Good) ? Call.Good : Call.NoRep,
                    May("clause", record.Clause),
                    May("fault", record.Fault),
                    May("seat", record.Seat)
                ),
                "timed" => new Fact.Timed(Text("piece", record.Piece), AtMark(), Times()),
                "lifted" => new Fact.Lifted(
                    Text("piece", record.Piece),
                    Small("number", record.Number),
                    Mass(),
                    Needed("good", record.Good),
                    May("seat", record.Seat),
                    May("noClips", record.NoClips) ?? false,
                    May("clause", record.Clause),
                    May("clock", record.Clock) is { } ms ? new Duration(ms) : null
                )
                {
                    Reps = May("units", record.Units) is { } reps ? (int)Math.Clamp(reps, 0, int.MaxValue) : null,
                },
                "ticked" => new Fact.Ticked(
                    Text("piece", record.Piece),
                    Needed("number", record.Number),
                    Needed("good", record.Good),
                    May("seat", record.Seat)
                ),
                _ => Ruled() ?? throw Wrong("kind", $"“{record.Kind}” is no kind of fact that version {Version} knows."),
            };

        /// <summary>What was chosen, settled or taken back; null for another kind.</summary>
        private Fact? Ruled() =>
            record.Kind switch
            {
                "chose" => new Fact.Chose(
                    Text("piece", record.Piece),
                    Needed("task", record.Task),
                    Needed("option", record.Option),
                    May("number", record.Number)
                ),
                "seated" => new Fact.Seated(
                    Needed("seat", record.Seat),
                    Text("athlete", record.Athlete),
                    May("fromCycle", record.FromCycle)
                ),
                "held" => new Fact.Held(
                    Text("piece", record.Piece),
                    Needed("good", record.Good),
                    new(Needed("clock", record.Clock)),
                    May("seat", record.Seat)
                ),
                "ended" => new Fact.Ended(How()),
                "unverified" => new Fact.Unverified(Text("piece", record.Piece), Needed("units", record.Units)),
                "faulted" => new Fact.Faulted(Text("piece", record.Piece), Text("fault", record.Fault), Needed("units", record.Units)),
                "unjudged" => new Fact.Unjudged(),
                "adjusted" => new Fact.Adjusted(
                    Text("component", record.Component),
                    May("time", record.Time) is { } time ? new Duration(time) : null,
                    May("credit", record.Credit),
                    Text("reason", record.Reason)
                ),
                "retracted" => new Fact.Retracted(Needed("what", record.What), Text("reason", record.Reason)),
                _ => null,
            };

        private Mark AtMark() =>
            Text("mark", record.Mark) switch
            {
                "finish" => new Mark.Finish(),
                "last full round" => new Mark.LastFullRound(),
                "round" => new Mark.Round(Needed("number", record.Number)),
                "gate" => new Mark.Gate(Small("number", record.Number)),
                "named" => new Mark.Named(Text("name", record.Name)),
                _ => throw Wrong("mark", "finish, round, last full round, gate, or named."),
            };

        private EntryStatus How()
        {
            var how = Text("how", record.How);
            return Enum.GetValues<EntryStatus>().Cast<EntryStatus?>().FirstOrDefault(s => HowWord(s!.Value) == how)
                ?? throw Wrong("how", "ran, withdrew, or did not start.");
        }

        private Eq<Duration> Times()
        {
            read.Add("watches");
            return (record.Watches ?? throw Wrong("watches", "This is missing.")).Select(w => new Duration(w)).ToEq();
        }

        private decimal Mass() =>
            decimal.TryParse(Text("load", record.Load), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var load)
                ? load
                : throw Wrong("load", "A decimal in a string, such as \"102.5\".");

        private int Small(string name, long? value) =>
            Needed(name, value) is var n && n is >= int.MinValue and <= int.MaxValue
                ? (int)n
                : throw Wrong(name, "This number is too large.");

        private string Text(string name, string? value)
        {
            read.Add(name);
            return value ?? throw Wrong(name, "This is missing.");
        }

        private T Needed<T>(string name, T? value)
            where T : struct
        {
            read.Add(name);
            return value ?? throw Wrong(name, "This is missing.");
        }

        private T May<T>(string name, T value)
        {
            read.Add(name);
            return value;
        }

        private JsonException Wrong(string name, string sentence) => new(sentence, $"{path}.{name}", null, null);

        private IEnumerable<(string Name, bool Set)> Optional() =>
            [
                ("piece", record.Piece is not null),
                ("strand", record.Strand is not null),
                ("credit", record.Credit is not null),
                ("units", record.Units is not null),
                ("seat", record.Seat is not null),
                ("interval", record.Interval is not null),
                ("try", record.Try is not null),
                ("good", record.Good is not null),
                ("clause", record.Clause is not null),
                ("fault", record.Fault is not null),
                ("mark", record.Mark is not null),
                ("number", record.Number is not null),
                ("watches", record.Watches is not null),
                ("load", record.Load is not null),
                ("noClips", record.NoClips is not null),
                ("clock", record.Clock is not null),
                ("task", record.Task is not null),
                ("option", record.Option is not null),
                ("athlete", record.Athlete is not null),
                ("fromCycle", record.FromCycle is not null),
                ("how", record.How is not null),
                ("component", record.Component is not null),
                ("time", record.Time is not null),
                ("what", record.What is not null),
                ("reason", record.Reason is not null),
            ];
    }
}
