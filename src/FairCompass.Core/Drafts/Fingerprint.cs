using System.Runtime.CompilerServices;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using FairCompass.Core.Competitions;
using FairCompass.Core.Frozen;
using FairCompass.Core.InForce;
using FairCompass.Core.Json;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Drafts;

/// <summary>Identifies a definition: everything that is printed of it, and nothing of its layout.</summary>
/// <param name="Sha256">The hash, 64 hexadecimal digits.</param>
/// <param name="Code">The printed code: eight characters and a check character, as <c>7K2M-9QXR-4</c>.</param>
public sealed record Fingerprint(string Sha256, string Code)
{
    /// <summary>What is hashed before the canonical JSON, so that a hash never means two kinds of documents.</summary>
    public const string Prefix = "fair-compass/draft/1\n";

    /// <summary>32 characters without I, L, O, U, which are misread or misheard.</summary>
    private const string Alphabet = "0123456789ABCDEFGHJKMNPQRSTVWXYZ";

    /// <summary>The hash of each standard's canonical JSON, made once for each wording: they take part as hashes.</summary>
    private static readonly ConditionalWeakTable<Movement, string> Hashes = [];

    /// <summary>Of what was asked before: every paper of a draft carries the same code.</summary>
    private static readonly ConditionalWeakTable<Understanding, Fingerprint> Known = [];

    /// <summary>
    /// The fingerprint of a draft in its competition: model, divisions in use with their parents, the standards it draws on, the answers
    /// it raises, and what it prints of the kit. What stands on none of its papers is no part of it.
    /// </summary>
    public static Fingerprint Of(Understanding u) => Known.GetValue(u, u => Of(CanonicalJson.Write(Closure(u))));

    /// <summary>The fingerprint of a canonical text.</summary>
    public static Fingerprint Of(string canonical)
    {
        var hash = SHA256.HashData(Encoding.UTF8.GetBytes(Prefix + canonical));
        return new(Convert.ToHexStringLower(hash), CodeOf(hash));
    }

    /// <summary>Codes of one content: more copies of a workout than anybody publishes.</summary>
    public const int MostCopies = 100;

    /// <summary>
    /// The fingerprint with the code of another workout of the same content: a code leads to one workout only, so a copy that is
    /// published, for a rehearsal or from a backup, gets the next one.
    /// </summary>
    /// <param name="copy">0 for the workout that published it first; less than <see cref="MostCopies"/>.</param>
    public Fingerprint OfCopy(int copy) => copy == 0 ? this : this with { Code = CodeOf(Convert.FromHexString(Sha256), copy) };

    /// <summary>True when a printed code belongs to this hash: to the workout that published it first, or to a copy.</summary>
    /// <param name="sha256">64 hexadecimal digits in either case.</param>
    /// <param name="code">As it is printed, with the check character of today or of before.</param>
    public static bool Belongs(string sha256, string code)
    {
        if (sha256.Length != 64 || !sha256.All(char.IsAsciiHexDigit) || (Read(code) ?? ReadOlder(code)) is not { } printed)
        {
            return false;
        }

        var hash = Convert.FromHexString(sha256);
        return Enumerable.Range(0, MostCopies).Any(n => CodeOf(hash, n).AsSpan(0, 9).SequenceEqual(printed.AsSpan(0, 9)));
    }

    private static string CodeOf(byte[] hash, int copy) =>
        CodeOf(copy == 0 ? hash : SHA256.HashData(Encoding.UTF8.GetBytes($"fair-compass/copy/1\n{Convert.ToHexStringLower(hash)}/{copy}")));

    private static string CodeOf(byte[] hash)
    {
        var bits = (ulong)hash[0] << 32 | (ulong)hash[1] << 24 | (ulong)hash[2] << 16 | (ulong)hash[3] << 8 | hash[4];
        Span<char> code = stackalloc char[8];
        for (var i = 0; i < 8; i++)
        {
            code[i] = Alphabet[(int)(bits >> (35 - (5 * i)) & 31)];
        }

        return $"{code[..4]}-{code[4..]}-{Check(code)}";
    }

    /// <summary>Reads a code as people type it: case, spaces and hyphens do not matter, and O, I, L are taken for 0 and 1.</summary>
    /// <returns>The code as it is printed; null when it is none, or a character was misread.</returns>
    public static string? Read(string typed) => Read(typed, Check);

    /// <summary>Reads a code printed with the check character of before; whoever takes it must find it among the published.</summary>
    /// <inheritdoc cref="Read(string)"/>
    public static string? ReadOlder(string typed) => Read(typed, OlderCheck);

    private delegate char Checking(ReadOnlySpan<char> code);

    private static string? Read(string typed, Checking check)
    {
        var letters = string.Concat(
            typed
                .ToUpperInvariant()
                .Where(c => !char.IsWhiteSpace(c) && c != '-')
                .Select(c =>
                    c switch
                    {
                        'O' => '0',
                        'I' or 'L' => '1',
                        _ => c,
                    }
                )
        );
        return
            letters.Length == 9
            && letters.All(c => Alphabet.Contains(c, StringComparison.Ordinal))
            && check(letters.AsSpan(0, 8)) == letters[8]
            ? $"{letters[..4]}-{letters[4..8]}-{letters[8]}"
            : null;
    }

    /// <summary>
    /// The check character: the sum of all nine characters, each multiplied by a power of its own of 2, is 0 in the field of 32
    /// elements, as in a Reed-Solomon code with one check symbol (I. S. Reed and G. Solomon, 1960). The factors differ and none is
    /// zero, so any single wrong character and any two characters swapped, wherever they stand, leave another sum.
    /// </summary>
    private static char Check(ReadOnlySpan<char> code)
    {
        var sum = 0;
        for (var i = 0; i < code.Length; i++)
        {
            sum ^= Times(Alphabet.IndexOf(code[i], StringComparison.Ordinal), code.Length - i);
        }

        return Alphabet[sum];
    }

    /// <summary>An element of the field of 32 elements, modulo x⁵ + x² + 1 (primitive), multiplied by 2 so many times.</summary>
    private static int Times(int element, int twice)
    {
        for (var i = 0; i < twice; i++)
        {
            element <<= 1;
            element ^= (element & 32) == 0 ? 0 : 0b100101;
        }

        return element;
    }

    /// <summary>The check character of codes printed before the one above: a sum that lets some swaps of neighbours pass.</summary>
    private static char OlderCheck(ReadOnlySpan<char> code)
    {
        var sum = 0;
        for (var i = 0; i < code.Length; i++)
        {
            sum += Alphabet.IndexOf(code[i], StringComparison.Ordinal) * ((2 * i) + 1);
        }

        return Alphabet[sum % 32];
    }

    private static string HashOf(Movement m) =>
        Hashes.GetValue(
            m,
            x => Of(CanonicalJson.Write(JsonSerializer.SerializeToNode(IntoFrozen.Of(x), FrozenJson.Default.Movement))).Sha256
        );

    /// <summary>What somebody lets stand is printed nowhere, so it is in no code.</summary>
    private static Workout Printed(Workout workout) =>
        workout with
        {
            Policies = workout.Policies.Where(p => p is not Policy.Waived).ToEq(),
        };

    private static JsonObject Closure(Understanding u)
    {
        // The order of duties is resolved, because a missing heading line means the division's own order.
        var divisions = u
            .Courses.Select(c => u.Competition.Find(c.Address.Division.Name))
            .OfType<Division>()
            .Distinct()
            .SelectMany(u.Competition.Chain)
            .DistinctBy(d => d.Name)
            .Select(Of)
            .ToArray();
        // Each standard as it is in force for everybody, then for each division that departs.
        var book = StandardsBook.Of(u.Competition);
        var names = u.Courses.Select(c => c.Address.Division.Name).Distinct().Prepend(null).ToList();
        var standards = WorkoutWords
            .Movements(u.Workout)
            .Select(m => book.Find(m.Name))
            .OfType<Movement>()
            .Concat(book.Rules(u.Workout))
            .DistinctBy(m => m.Id)
            .SelectMany(m => names.Select(n => HashOf(book.InForce(m, n, u.Workout))).Distinct())
            .Select(h => (JsonNode)JsonValue.Create(h)!)
            .ToArray();
        var policies = Decided
            .Of(u, [.. names.OfType<string>()])
            .Select(d => (JsonNode)new JsonArray(d.Topic.Name, d.School?.Name ?? d.Words, string.Join(',', d.For)))
            .ToArray();
        var closure = new JsonObject
        {
            ["competition"] = u.Competition.Name,
            ["unit"] = u.Competition.Unit.Symbol(),
            ["divisions"] = new JsonArray(divisions),
            ["workout"] = JsonSerializer.SerializeToNode(IntoFrozen.Of(Printed(u.Parsed.Workout)), FrozenJson.Default.Workout),
            ["standards"] = new JsonArray(standards),
            ["policies"] = new JsonArray(policies),
        };
        // A definition that prints nothing of the kit keeps the code it had before the kit was part of codes.
        if (PrintedKit.Of(u) is { Count: > 0 } kit)
        {
            closure["kit"] = new JsonArray([.. kit.Select(k => (JsonNode)JsonValue.Create($"{k.Key}: {k.Value}")!)]);
        }

        return closure;
    }

    private static JsonNode Of(Division d)
    {
        static JsonArray Words(Eq<string> words) => new(words.Select(x => (JsonNode)JsonValue.Create(x)!).ToArray());
        var said = new JsonObject
        {
            ["name"] = d.Name,
            ["kind"] = d.Kind.ToString(),
            ["duties"] = Words(d.Duties),
            ["inheritsFrom"] = d.InheritsFrom,
        };
        // Where the duties take turns nothing is said, as before there were places.
        if (d.Seats.Count > 0)
        {
            said["seats"] = Words(d.Seats);
        }

        if (d.Smallest is { } smallest)
        {
            said["smallest"] = smallest;
        }

        if (d.Entries.Count > 0)
        {
            said["entries"] = Words(d.Entries);
        }

        if (d.RankedApart is { } apart)
        {
            said["rankedApart"] = apart;
        }

        return said;
    }
}
