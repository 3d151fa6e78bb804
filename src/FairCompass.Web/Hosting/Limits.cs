namespace FairCompass.Web.Hosting;

/// <summary>What one request may ask for.</summary>
public static class Limits
{
    /// <summary>Bytes of a request body. A draft has at most 160,000 characters.</summary>
    public const int BodyBytes = 512 * 1024;
}

/// <summary>The answer of the health address.</summary>
/// <param name="Status"><c>ok</c>.</param>
public sealed record Health(string Status);
