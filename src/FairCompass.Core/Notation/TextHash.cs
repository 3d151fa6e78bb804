using System.Security.Cryptography;
using System.Text;

namespace FairCompass.Core.Notation;

/// <summary>Names a text by what it says, so that an edit can say which text it was worked out for.</summary>
public static class TextHash
{
    /// <summary>The first 16 hexadecimal digits of SHA-256 (FIPS 180-4) over the text in UTF-8, lines separated by <c>\n</c>.</summary>
    public static string Of(string text) =>
        Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(text.Replace("\r\n", "\n", StringComparison.Ordinal))))[..16];
}
