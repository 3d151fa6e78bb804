namespace FairCompass.Core.Workouts;

/// <summary>
/// Names a line of one workout for as long as there is such a line, wherever it goes and whatever it comes to say. It is stored
/// beside the text and never printed.
/// </summary>
/// <param name="Value">From 1; 0 where a text stands alone and nobody keeps its lines apart.</param>
public readonly record struct NodeId(int Value);
