namespace FairCompass.Documents;

/// <summary>In the middle of a file there is more than is read; its message is for a person.</summary>
internal sealed class TooMuchException(string message) : Exception(message);
