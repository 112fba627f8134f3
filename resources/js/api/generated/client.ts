// Made by "npm run types" from resources/schemas/openapi.json. Do not edit.
import { ask, at, type Options } from '../ask';
import type { Batch, BatchList, BatchNoteInput, Begin, Beside, BlindInput, BlindResult, Cook, CookEventInput, CookFinish, CookInput, CookTaste, CopyChanges, DeliveredReadingInput, Different, DifferentInput, Door, Draft, DraftInput, EquipmentList, Evaluation, Export, ExportFile, ExportInput, FamilyInput, FeelsInput, FormatList, Found, Free, FreeInput, HeardInput, House, Import, ImportInput, IngredientList, JarInput, JarsInput, LogList, LoggedBatch, MadeInput, Making, MakingInput, MakingList, MakingStart, NextTrial, NextTries, NextTryInput, OnHandInput, OnwardInput, Opened, OwnIngredient, OwnPreview, Pairing, PantryList, PantryPage, PassphraseInput, PictureInput, Plan, PlanInput, Pot, PotInput, Preferences, Reading, ReadingInput, Rebalance, RebalanceInput, RecipeInput, RecipeList, RecipeRecord, Rescue, RescueInput, Scale, ScaleInput, SeasonInput, SeasonList, ServedInput, Shopping, ShoppingInput, StopInput, StopList, Stove, Style, StyleInput, StyleList, StyleMap, StyleNameInput, Swap, SwapInput, SwapMemoryInput, TastingInput, TextInput, Tongue, Trials, VersionList, VesselList, When, WhenInput } from './documents';

/** What a draft comes to; nothing is stored. */
export const evaluate = (body: RecipeInput, options?: Options) =>
  ask<Evaluation>('/api/evaluate', { method: 'POST', body, ...options });

/** A draft for another amount of sauce; nothing is stored. */
export const scaleRecipe = (body: ScaleInput, options?: Options) =>
  ask<Scale>('/api/scale', { method: 'POST', body, ...options });

/** All that the Bench opens with, at once: a recipe, its figures and the styles. */
export const openBench = (query: { recipe?: string }, options?: Options) =>
  ask<Opened>('/api/bench', { method: 'GET', query, ...options });

/** The recipes, last touched first. */
export const listRecipes = (query: { q?: string; page?: string; most?: string; by?: string }, options?: Options) =>
  ask<RecipeList>('/api/recipes', { method: 'GET', query, ...options });

/** Keeps a new recipe. */
export const createRecipe = (body: RecipeInput, options?: Options) =>
  ask<RecipeRecord>('/api/recipes', { method: 'POST', body, ...options });

/** A sauce with one thing wrong, to be put right. */
export const wayIn = (options?: Options) =>
  ask<RecipeRecord>('/api/way-in', { method: 'POST', ...options });

/** One recipe. */
export const readRecipe = (recipe: string, options?: Options) =>
  ask<RecipeRecord>(`/api/recipes/${at(recipe)}`, { method: 'GET', ...options });

/** Saves over the revision named. */
export const saveRecipe = (recipe: string, body: RecipeInput, options?: Options) =>
  ask<RecipeRecord>(`/api/recipes/${at(recipe)}`, { method: 'PUT', body, ...options });

/** Deletes it; restore takes that back. */
export const deleteRecipe = (recipe: string, options?: Options) =>
  ask<void>(`/api/recipes/${at(recipe)}`, { method: 'DELETE', ...options });

/** Takes a deletion back. */
export const restoreRecipe = (recipe: string, options?: Options) =>
  ask<RecipeRecord>(`/api/recipes/${at(recipe)}/restore`, { method: 'POST', ...options });

/** A copy under a new name. */
export const duplicateRecipe = (recipe: string, options?: Options) =>
  ask<RecipeRecord>(`/api/recipes/${at(recipe)}/duplicate`, { method: 'POST', ...options });

/** Ingredients by what is typed, best first. */
export const searchIngredients = (query: { q?: string }, options?: Options) =>
  ask<IngredientList>('/api/ingredients', { method: 'GET', query, ...options });

/** The styles that ship. */
export const listStyles = (options?: Options) =>
  ask<StyleList>('/api/styles', { method: 'GET', ...options });

/** A style of the household's own. */
export const keepStyle = (body: StyleInput, options?: Options) =>
  ask<Style>('/api/styles', { method: 'POST', body, ...options });

/** Jotted text as recipe lines, with what was unsure as questions; nothing is stored. */
export const readNote = (body: TextInput, options?: Options) =>
  ask<Reading>('/api/read', { method: 'POST', body, ...options });

/** Ingredients by name, role, allergen, strength and what is on hand. */
export const listPantry = (query: { q?: string; role?: string; contains?: string; without?: string; taste?: string; least?: string; most?: string; on_hand?: string }, options?: Options) =>
  ask<PantryList>('/api/pantry', { method: 'GET', query, ...options });

/** One ingredient, with its sources and where it is used. */
export const readIngredient = (ingredient: string, options?: Options) =>
  ask<PantryPage>(`/api/pantry/${at(ingredient)}`, { method: 'GET', ...options });

/** Whether it is on hand, and what it costs. */
export const markOnHand = (ingredient: string, body: OnHandInput, options?: Options) =>
  ask<PantryPage>(`/api/pantry/${at(ingredient)}/on-hand`, { method: 'PUT', body, ...options });

/** Keeps an ingredient of one's own. */
export const createOwnIngredient = (body: OwnIngredient, options?: Options) =>
  ask<PantryPage>('/api/own-ingredients', { method: 'POST', body, ...options });

/** What a definition comes to and which recipes it moves; nothing is kept. */
export const previewOwnIngredient = (body: OwnIngredient, query: { slug?: string }, options?: Options) =>
  ask<OwnPreview>('/api/own-ingredients/preview', { method: 'POST', body, query, ...options });

/** Changes an ingredient of one's own. */
export const changeOwnIngredient = (own: string, body: OwnIngredient, options?: Options) =>
  ask<PantryPage>(`/api/own-ingredients/${at(own)}`, { method: 'PUT', body, ...options });

/** Deletes it; recipes keep the definition they were saved with. */
export const deleteOwnIngredient = (own: string, options?: Options) =>
  ask<void>(`/api/own-ingredients/${at(own)}`, { method: 'DELETE', ...options });

/** A finished sauce as an ingredient. */
export const recipeAsIngredient = (recipe: string, options?: Options) =>
  ask<PantryPage>(`/api/recipes/${at(recipe)}/as-ingredient`, { method: 'POST', ...options });

/** The household's own measures. */
export const listVessels = (options?: Options) =>
  ask<VesselList>('/api/vessels', { method: 'GET', ...options });

/** These vessels and no others. */
export const replaceVessels = (body: VesselList, options?: Options) =>
  ask<VesselList>('/api/vessels', { method: 'PUT', body, ...options });

/** How this household measures and reads. */
export const showPreferences = (options?: Options) =>
  ask<Preferences>('/api/preferences', { method: 'GET', ...options });

/** Say how this household measures and reads. */
export const replacePreferences = (body: Preferences, options?: Options) =>
  ask<Preferences>('/api/preferences', { method: 'PUT', body, ...options });

/** Put it in the place of what it is most like, in one recipe. */
export const replaceWithOwn = (own: string, recipe: string, options?: Options) =>
  ask<PantryPage>(`/api/own-ingredients/${at(own)}/instead-in/${at(recipe)}`, { method: 'POST', ...options });

/** What a sauce would be if one stage stopped here or there. */
export const whereToStop = (body: StopInput, options?: Options) =>
  ask<StopList>('/api/stop', { method: 'POST', body, ...options });

/** When it was made, and what was measured. */
export const listBatches = (recipe: string, options?: Options) =>
  ask<BatchList>(`/api/recipes/${at(recipe)}/batches`, { method: 'GET', ...options });

/** Made it: its figures are frozen. */
export const makeBatch = (recipe: string, body: MadeInput, options?: Options) =>
  ask<Batch>(`/api/recipes/${at(recipe)}/batches`, { method: 'POST', body, ...options });

/** A batch with all that happened to it. */
export const readBatch = (batch: string, options?: Options) =>
  ask<LoggedBatch>(`/api/batches/${at(batch)}`, { method: 'GET', ...options });

/** Forget a batch. */
export const deleteBatch = (batch: string, options?: Options) =>
  ask<void>(`/api/batches/${at(batch)}`, { method: 'DELETE', ...options });

/** What an instrument said: the estimate for that batch moves to it and narrows. */
export const addReading = (batch: string, body: ReadingInput, options?: Options) =>
  ask<Batch>(`/api/batches/${at(batch)}/readings`, { method: 'POST', body, ...options });

/** A recipe moved to a style or to figures; nothing is stored. */
export const rebalance = (body: RebalanceInput, options?: Options) =>
  ask<Rebalance>('/api/rebalance', { method: 'POST', body, ...options });

/** Ways to mend a pot; nothing is stored. */
export const rescue = (body: RescueInput, options?: Options) =>
  ask<Rescue>('/api/rescue', { method: 'POST', body, ...options });

/** A style of the household's own, changed. */
export const changeStyle = (style: string, body: StyleInput, options?: Options) =>
  ask<Style>(`/api/styles/${at(style)}`, { method: 'PUT', body, ...options });

/** A style of the household's own, forgotten. */
export const forgetStyle = (style: string, options?: Options) =>
  ask<void>(`/api/styles/${at(style)}`, { method: 'DELETE', ...options });

/** A recipe captured as a style. */
export const recipeAsStyle = (recipe: string, body: StyleNameInput, options?: Options) =>
  ask<Style>(`/api/recipes/${at(recipe)}/as-style`, { method: 'POST', body, ...options });

/** A batch captured as a style. */
export const batchAsStyle = (batch: string, body: StyleNameInput, options?: Options) =>
  ask<Style>(`/api/batches/${at(batch)}/as-style`, { method: 'POST', body, ...options });

/** Stand-ins for one line; nothing is stored. */
export const swapLine = (body: SwapInput, options?: Options) =>
  ask<Swap>('/api/swap', { method: 'POST', body, ...options });

/** A recipe freed of something; nothing is stored. */
export const freeRecipe = (body: FreeInput, options?: Options) =>
  ask<Free>('/api/free', { method: 'POST', body, ...options });

/** What the maker thought of a swap. */
export const rememberSwap = (body: SwapMemoryInput, options?: Options) =>
  ask<void>('/api/swap-memory', { method: 'PUT', body, ...options });

/** What is in season when. */
export const listSeasons = (options?: Options) =>
  ask<SeasonList>('/api/seasons', { method: 'GET', ...options });

/** When a thing is in season here. */
export const setSeason = (ingredient: string, body: SeasonInput, options?: Options) =>
  ask<SeasonList>(`/api/seasons/${at(ingredient)}`, { method: 'PUT', body, ...options });

/** A batch planned; nothing is stored. */
export const planBatch = (body: PlanInput, options?: Options) =>
  ask<Plan>('/api/plan', { method: 'POST', body, ...options });

/** One list for several batches; nothing is stored. */
export const shopping = (body: ShoppingInput, options?: Options) =>
  ask<Shopping>('/api/shopping', { method: 'POST', body, ...options });

/** Pans, jars, bottles and blenders. */
export const listEquipment = (options?: Options) =>
  ask<EquipmentList>('/api/equipment', { method: 'GET', ...options });

/** These pans, jars, bottles and blenders, and no others. */
export const replaceEquipment = (body: EquipmentList, options?: Options) =>
  ask<EquipmentList>('/api/equipment', { method: 'PUT', body, ...options });

/** The formats recipes come in and go out by. */
export const listFormats = (options?: Options) =>
  ask<FormatList>('/api/formats', { method: 'GET', ...options });

/** A recipe in another format; nothing is stored. */
export const exportRecipe = (body: ExportInput, options?: Options) =>
  ask<Export>('/api/export', { method: 'POST', body, ...options });

/** A recipe read in; nothing is stored. */
export const importRecipe = (body: ImportInput, options?: Options) =>
  ask<Import>('/api/import', { method: 'POST', body, ...options });

/** A wrong reading stands no longer; it is kept beside the others. */
export const setReadingAside = (batch: string, reading: number, options?: Options) =>
  ask<Batch>(`/api/batches/${at(batch)}/readings/${at(reading)}`, { method: 'DELETE', ...options });

/** A recipe as it is kept, whatever is wrong with it. */
export const readRecipeAsText = (recipe: string, options?: Options) =>
  ask<void>(`/api/recipes/${at(recipe)}/text`, { method: 'GET', ...options });

/** What this house keeps. */
export const readHouse = (options?: Options) =>
  ask<House>('/api/house', { method: 'GET', ...options });

/** A copy as the house is now. */
export const copyHouse = (options?: Options) =>
  ask<House>('/api/house/copies', { method: 'POST', ...options });

/** All of it as one archive. */
export const takeHouse = (options?: Options) =>
  ask<void>('/api/house/archive', { method: 'GET', ...options });

/** Throws away for good all that nothing keeps. */
export const emptyBin = (options?: Options) =>
  ask<House>('/api/house/bin', { method: 'DELETE', ...options });

/** Throws it away for good. */
export const forgetThrownAway = (kind: string, id: string, options?: Options) =>
  ask<House>(`/api/house/bin/${at(kind)}/${at(id)}`, { method: 'DELETE', ...options });

/** Puts it back where it was. */
export const putThrownAwayBack = (kind: string, id: string, options?: Options) =>
  ask<House>(`/api/house/bin/${at(kind)}/${at(id)}/restore`, { method: 'POST', ...options });

/** Ways to mend a pot without a recipe. */
export const mendPot = (body: PotInput, options?: Options) =>
  ask<Pot>('/api/pot', { method: 'POST', body, ...options });

/** Makings that are still to be made. */
export const listMakings = (options?: Options) =>
  ask<MakingList>('/api/makings', { method: 'GET', ...options });

/** Keeps a making: how much, for when, and how it ends. */
export const createMaking = (body: MakingInput, options?: Options) =>
  ask<Making>('/api/makings', { method: 'POST', body, ...options });

/** A making. */
export const readMaking = (making: string, options?: Options) =>
  ask<Making>(`/api/makings/${at(making)}`, { method: 'GET', ...options });

/** Says a making otherwise. */
export const saveMaking = (making: string, body: MakingInput, options?: Options) =>
  ask<Making>(`/api/makings/${at(making)}`, { method: 'PUT', body, ...options });

/** Gives a making up. */
export const deleteMaking = (making: string, options?: Options) =>
  ask<void>(`/api/makings/${at(making)}`, { method: 'DELETE', ...options });

/** Where a making of a recipe begins. */
export const startMaking = (recipe: string, options?: Options) =>
  ask<MakingStart>(`/api/recipes/${at(recipe)}/making`, { method: 'GET', ...options });

/** Forgets what was learned of the hands of this house. */
export const forgetPaces = (options?: Options) =>
  ask<void>('/api/paces', { method: 'DELETE', ...options });

/** All that is on the stove. */
export const readStove = (options?: Options) =>
  ask<Stove>('/api/cooks', { method: 'GET', ...options });

/** Puts a recipe on the stove. */
export const beginCook = (body: CookInput, options?: Options) =>
  ask<Cook>('/api/cooks', { method: 'POST', body, ...options });

/** One cook. */
export const readCook = (cook: string, options?: Options) =>
  ask<Cook>(`/api/cooks/${at(cook)}`, { method: 'GET', ...options });

/** Takes it off the stove; nothing is kept. */
export const takeOff = (cook: string, options?: Options) =>
  ask<void>(`/api/cooks/${at(cook)}`, { method: 'DELETE', ...options });

/** Something happened to it. */
export const happened = (cook: string, body: CookEventInput, options?: Options) =>
  ask<Cook>(`/api/cooks/${at(cook)}/events`, { method: 'POST', body, ...options });

/** A reading from any logger that speaks JSON. */
export const deliverReading = (cook: string, body: DeliveredReadingInput, options?: Options) =>
  ask<Cook>(`/api/cooks/${at(cook)}/readings`, { method: 'POST', body, ...options });

/** What an instrument of ours shows of a practice pot: mass, temperature, ph or brix. */
export const measureCook = (cook: string, what: string, options?: Options) =>
  ask<Cook>(`/api/cooks/${at(cook)}/instruments/${at(what)}`, { method: 'POST', ...options });

/** What mends it as it is now. */
export const tasteCook = (cook: string, body: FeelsInput, options?: Options) =>
  ask<CookTaste>(`/api/cooks/${at(cook)}/taste`, { method: 'POST', body, ...options });

/** What the taster of a practice pot says. */
export const askTongue = (cook: string, options?: Options) =>
  ask<Tongue>(`/api/cooks/${at(cook)}/tongue`, { method: 'POST', ...options });

/** Off the stove and into the Log. */
export const finishCook = (cook: string, options?: Options) =>
  ask<CookFinish>(`/api/cooks/${at(cook)}/finish`, { method: 'POST', ...options });

/** When to begin so that every sauce is ready; nothing is stored. */
export const whenToBegin = (body: WhenInput, options?: Options) =>
  ask<When>('/api/when', { method: 'POST', body, ...options });

/** The same as an iCalendar file. */
export const whenAsCalendar = (body: WhenInput, options?: Options) =>
  ask<ExportFile>('/api/when/calendar', { method: 'POST', body, ...options });

/** What was made, the latest first. */
export const readLog = (query: { q?: string; page?: string }, options?: Options) =>
  ask<LogList>('/api/log', { method: 'GET', query, ...options });

/** The Log as a table. */
export const logAsCsv = (options?: Options) =>
  ask<ExportFile>('/api/log/csv', { method: 'GET', ...options });

/** A batch in the open format. */
export const batchDocument = (batch: string, options?: Options) =>
  ask<ExportFile>(`/api/batches/${at(batch)}/document`, { method: 'GET', ...options });

/** Two batches, and what differs. */
export const besideBatch = (batch: string, other: string, options?: Options) =>
  ask<Beside>(`/api/batches/${at(batch)}/beside/${at(other)}`, { method: 'GET', ...options });

/** A recipe of it as it was made. */
export const makeAgain = (batch: string, options?: Options) =>
  ask<RecipeRecord>(`/api/batches/${at(batch)}/again`, { method: 'POST', ...options });

/** A batch, or some of it, as the beginning of another sauce. */
export const beginWithBatch = (batch: string, body: OnwardInput, options?: Options) =>
  ask<RecipeRecord>(`/api/batches/${at(batch)}/onward`, { method: 'POST', body, ...options });

/** What somebody said of it. */
export const tasteBatch = (batch: string, body: TastingInput, options?: Options) =>
  ask<LoggedBatch>(`/api/batches/${at(batch)}/tastings`, { method: 'POST', body, ...options });

/** A tasting that was a mistake. */
export const takeTastingBack = (batch: string, tasting: string, options?: Options) =>
  ask<LoggedBatch>(`/api/batches/${at(batch)}/tastings/${at(tasting)}`, { method: 'DELETE', ...options });

/** Jars that were filled. */
export const fillJars = (batch: string, body: JarsInput, options?: Options) =>
  ask<LoggedBatch>(`/api/batches/${at(batch)}/jars`, { method: 'POST', body, ...options });

/** What became of a jar. */
export const changeJar = (jar: string, body: JarInput, options?: Options) =>
  ask<LoggedBatch>(`/api/jars/${at(jar)}`, { method: 'PUT', body, ...options });

/** A remark on it. */
export const noteBatch = (batch: string, body: BatchNoteInput, options?: Options) =>
  ask<LoggedBatch>(`/api/batches/${at(batch)}/notes`, { method: 'POST', body, ...options });

/** How many had of it, what was left over, what it cost. */
export const serveBatch = (batch: string, body: ServedInput, options?: Options) =>
  ask<LoggedBatch>(`/api/batches/${at(batch)}/served`, { method: 'PUT', body, ...options });

/** Who may come in from the house network. */
export const readDoor = (options?: Options) =>
  ask<Door>('/api/house/door', { method: 'GET', ...options });

/** What everybody in the house is to know. */
export const setPassphrase = (body: PassphraseInput, options?: Options) =>
  ask<Door>('/api/house/passphrase', { method: 'PUT', body, ...options });

/** Six digits that let one device in, shown on the first machine. */
export const pairDevice = (options?: Options) =>
  ask<Pairing>('/api/house/pairing', { method: 'POST', ...options });

/** A device that may not come in any more. */
export const forgetDevice = (device: string, options?: Options) =>
  ask<void>(`/api/house/devices/${at(device)}`, { method: 'DELETE', ...options });

/** A recipe as it stood. */
export const listVersions = (recipe: string, options?: Options) =>
  ask<VersionList>(`/api/recipes/${at(recipe)}/versions`, { method: 'GET', ...options });

/** A version beside how it stands now. */
export const besideVersion = (recipe: string, version: string, options?: Options) =>
  ask<Beside>(`/api/recipes/${at(recipe)}/versions/${at(version)}/beside`, { method: 'GET', ...options });

/** A version is the recipe again. */
export const bringVersionBack = (recipe: string, version: string, options?: Options) =>
  ask<RecipeRecord>(`/api/recipes/${at(recipe)}/versions/${at(version)}/bring-back`, { method: 'POST', ...options });

/** What a sauce can begin from, and of a kind that is chosen what it can be built on. */
export const readBeginnings = (query: { style?: string }, options?: Options) =>
  ask<Begin>('/api/begin', { method: 'GET', query, ...options });

/** A first recipe of a kind; nothing is stored. */
export const draftRecipe = (body: DraftInput, options?: Options) =>
  ask<Draft>('/api/draft', { method: 'POST', body, ...options });

/** What putting a copy back would change; nothing is changed. */
export const lookAtCopy = (copy: string, options?: Options) =>
  ask<CopyChanges>(`/api/house/copies/${at(copy)}`, { method: 'GET', ...options });

/** A copy put back, after one of how the house is now. */
export const putCopyBack = (copy: string, options?: Options) =>
  ask<House>(`/api/house/copies/${at(copy)}/put-back`, { method: 'POST', ...options });

/** All tries of a sauce, of every recipe of its family. */
export const readTrials = (recipe: string, query: { batches?: string; taster?: string; sort?: string; find?: string }, options?: Options) =>
  ask<Trials>(`/api/recipes/${at(recipe)}/trials`, { method: 'GET', query, ...options });

/** A batch from a file of the open format. */
export const bringBatchIn = (body: TextInput, options?: Options) =>
  ask<LoggedBatch>('/api/log/import', { method: 'POST', body, ...options });

/** Where each kind of sauce lies. */
export const readStyleMap = (options?: Options) =>
  ask<StyleMap>('/api/styles/map', { method: 'GET', ...options });

/** Two cups worth tasting next. */
export const readNextTrial = (batch: string, options?: Options) =>
  ask<NextTrial>(`/api/batches/${at(batch)}/next-trial`, { method: 'GET', ...options });

/** What a few people said of two cups. */
export const saidOfCups = (batch: string, body: BlindInput, options?: Options) =>
  ask<BlindResult>(`/api/batches/${at(batch)}/blind`, { method: 'POST', body, ...options });

/** Its kind as this household likes it. */
export const likedStyle = (batch: string, body: StyleNameInput, options?: Options) =>
  ask<Style>(`/api/batches/${at(batch)}/liked-style`, { method: 'POST', body, ...options });

/** A picture of it, drawn anew. */
export const addPicture = (batch: string, body: PictureInput, options?: Options) =>
  ask<LoggedBatch>(`/api/batches/${at(batch)}/pictures`, { method: 'POST', body, ...options });

/** A picture of it. */
export const readPicture = (batch: string, picture: string, options?: Options) =>
  ask<void>(`/api/batches/${at(batch)}/pictures/${at(picture)}`, { method: 'GET', ...options });

/** A picture of it taken away. */
export const takePictureAway = (batch: string, picture: string, options?: Options) =>
  ask<LoggedBatch>(`/api/batches/${at(batch)}/pictures/${at(picture)}`, { method: 'DELETE', ...options });

/** The book as a table. */
export const trialsAsTable = (recipe: string, options?: Options) =>
  ask<ExportFile>(`/api/recipes/${at(recipe)}/trials/csv`, { method: 'GET', ...options });

/** What is worth trying next. */
export const listNextTries = (recipe: string, options?: Options) =>
  ask<NextTries>(`/api/recipes/${at(recipe)}/next-tries`, { method: 'GET', ...options });

/** What was made otherwise, read. */
export const readDifferent = (recipe: string, body: DifferentInput, options?: Options) =>
  ask<Different>(`/api/recipes/${at(recipe)}/different`, { method: 'POST', body, ...options });

/** Belongs to another family from now on. */
export const joinFamily = (recipe: string, body: FamilyInput, options?: Options) =>
  ask<RecipeRecord>(`/api/recipes/${at(recipe)}/family`, { method: 'PUT', body, ...options });

/** Stands alone from now on. */
export const leaveFamily = (recipe: string, options?: Options) =>
  ask<RecipeRecord>(`/api/recipes/${at(recipe)}/family`, { method: 'DELETE', ...options });

/** A recipe of the family for the next try. */
export const setUpNextTry = (batch: string, body: NextTryInput, options?: Options) =>
  ask<RecipeRecord>(`/api/batches/${at(batch)}/next-try`, { method: 'POST', body, ...options });

/** Keeps what was made otherwise that time. */
export const keepDifferent = (batch: string, body: DifferentInput, options?: Options) =>
  ask<LoggedBatch>(`/api/batches/${at(batch)}/different`, { method: 'PUT', body, ...options });

/** What a remark says counts, or does not. */
export const heardRemark = (batch: string, tasting: string, body: HeardInput, options?: Options) =>
  ask<LoggedBatch>(`/api/batches/${at(batch)}/tastings/${at(tasting)}/heard`, { method: 'PUT', body, ...options });

/** Recipes, batches, ingredients, kinds and pages by a word. */
export const findAnything = (query: { q?: string; recipe?: string }, options?: Options) =>
  ask<Found>('/api/find', { method: 'GET', query, ...options });
