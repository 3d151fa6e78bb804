using System.Security.Cryptography;
using System.Text;
using Microsoft.AspNetCore.WebUtilities;

namespace FairCompass.Web.Access;

/// <summary>Secrets that open something: 256 random bits as text; only their hash is kept, so that what is stored opens nothing.</summary>
public static class Tokens
{
    private const int Bytes = 32;

    /// <summary>A new one.</summary>
    public static string New() => WebEncoders.Base64UrlEncode(RandomNumberGenerator.GetBytes(Bytes));

    /// <summary>Its hash. A plain one is enough for what cannot be guessed.</summary>
    /// <param name="token">What was sent.</param>
    public static byte[] Hash(string token) => SHA256.HashData(Encoding.UTF8.GetBytes(token));
}
