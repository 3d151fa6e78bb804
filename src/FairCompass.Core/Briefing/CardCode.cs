using System.Globalization;
using FairCompass.Core.Drafts;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Briefing;

/// <summary>
/// The code of one card of a definition: printed as text for people, and as a QR code (ISO/IEC 18004) for a scanner, so
/// that a card that comes back says which card it is and under which definition it was judged.
/// </summary>
/// <param name="Id">The fingerprint’s code and the card’s number: <c>7KQ2-M9TX-4 / 012</c>.</param>
/// <param name="Content">What the QR code holds: the code, the number, and the whole fingerprint, with strokes between.</param>
/// <param name="Size">How many modules the QR code has on a side, its quiet zone of four included.</param>
/// <param name="Rows">Its rows, a character a module: <c>1</c> for black, <c>0</c> for white.</param>
public sealed record CardCode(string Id, string Content, int Size, Eq<string> Rows)
{
    /// <summary>Whose sections stand on this card, where the paper has cards for several entries; null for all of them.</summary>
    public string? Entry { get; init; }

    /// <summary>The most cards that are printed at once.</summary>
    public const int Most = 200;

    /// <summary>The highest number of a card.</summary>
    public const int Highest = 999;

    /// <summary>The code of a card.</summary>
    /// <param name="fingerprint">Of the definition.</param>
    /// <param name="number">1 to <see cref="Highest"/>.</param>
    /// <exception cref="ArgumentOutOfRangeException">The number is less than 1 or more than <see cref="Highest"/>.</exception>
    /// <example>The card 12 of a definition with the code 7KQ2-M9TX-4 has the id <c>"7KQ2-M9TX-4 / 012"</c>.</example>
    public static CardCode Of(Fingerprint fingerprint, int number)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(number, 1);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(number, Highest);
        var id = string.Create(CultureInfo.InvariantCulture, $"{fingerprint.Code} / {number:000}");
        // Capitals only: the alphanumeric mode of the QR code takes half the room. Level M mends about 15 % of a dirty card.
        var content = string.Create(
            CultureInfo.InvariantCulture,
            $"{fingerprint.Code}/{number:000}/{fingerprint.Sha256.ToUpperInvariant()}"
        );
        var qr = QrModules.Of(content);
        return new(id, content, qr.Size, qr.Rows);
    }

    /// <summary>Reads what a scanner gives, or a person types, of a card: the fingerprint’s code and the card’s number.</summary>
    /// <returns>Null when it is no code of a card, or a character was misread.</returns>
    /// <example><c>Read("7kq2 m9tx 4 / 12")</c> gives the code 7KQ2-M9TX-4 and 12, if 4 is its check character.</example>
    public static (string Fingerprint, int Number)? Read(string typed)
    {
        var parts = typed.Split('/');
        return
            parts.Length is 2 or 3
            && int.TryParse(parts[1].Trim(), NumberStyles.None, CultureInfo.InvariantCulture, out var number)
            && number is >= 1 and <= Highest
            && (Fingerprint.Read(parts[0]) ?? (parts.Length == 3 ? Fingerprint.ReadOlder(parts[0]) : null)) is { } code
            && (parts.Length == 2 || Fingerprint.Belongs(parts[2].Trim(), code))
            ? (code, number)
            : null;
    }
}
