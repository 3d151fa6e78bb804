namespace FairCompass.Core.Quantities;

/// <summary>A field that cannot be accepted, with the reason.</summary>
/// <param name="Path">JSON path of the field, such as <c>divisions[2].name</c>.</param>
/// <param name="Message">What is wrong and what would be right.</param>
public sealed record FieldError(string Path, string Message);
