using FairCompass.Core.Quantities;
using QRCoder;

namespace FairCompass.Core.Briefing;

/// <summary>A QR code (ISO/IEC 18004) as its modules.</summary>
/// <param name="Size">Modules of a side, the quiet zone included.</param>
/// <param name="Rows">A text each row, 1 for a black module.</param>
public sealed record QrModules(int Size, Eq<string> Rows)
{
    /// <summary>The code of a text. Level M mends about 15 % of a dirty print.</summary>
    /// <param name="content">What a scanner gives.</param>
    public static QrModules Of(string content)
    {
        using var data = QRCodeGenerator.GenerateQrCode(content, QRCodeGenerator.ECCLevel.M);
        var rows = data.ModuleMatrix.Select(row => string.Concat(row.Cast<bool>().Select(black => black ? '1' : '0'))).ToEq();
        return new(rows.Count, rows);
    }
}
