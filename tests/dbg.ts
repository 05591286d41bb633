import { buildDemo } from '../server/demo/build'
import { foldRun, isOpen } from '../core/batches'
import { benchOf, Search, breaksOf, boundsOf, wallAt, mend } from '../core/schedule'
import { registerOf } from '../core/tools'
const now = Date.parse('2026-11-27T16:00:00Z')
const d = buildDemo(now)
const ch = { changedAt: '2026-01-01T00:00:00.000Z' }
const times:any = [1,2,3,4,5].map(w=>({...ch,id:'w'+w,kind:'weekly',weekday:w,from:'19:00',to:'21:30',people:[]})).concat([{...ch,id:'s',kind:'weekly',weekday:6,from:'10:00',to:'16:00',people:[]}] as any)
const due = new Map(d.lines.map(l=>[l.id, d.commissions.find(c=>c.id===l.commissionId)?.deadline]))
const open = d.batches.map(b=>({batch:b, run: foldRun(b, d.events.filter(e=>e.batchId===b.id))})).filter(({run})=>isOpen(run)).map(o=>({...o, due: due.get(o.batch.lineId??'')}))
console.log(open.map(o=>[o.batch.name,o.run.state.phase,o.run.state.stepIndex,o.batch.plan.steps.length,o.due].join(' | ')).join('\n'))
let t=Date.now()
const b = benchOf({nowMs:now,time:{people:[{id:'a',name:'A'},{id:'b',name:'B'}],times,zone:'Europe/Vienna'},batches:open,register:registerOf(d.tools),sun:{latitudeDeg:49},lamp:false,boringMin:60,reserveDays:2})
console.log('bench',Date.now()-t, b.problem.works.length, b.closed)
t=Date.now(); const s=new Search(b.problem,1); s.run(300); console.log(Date.now()-t, s.best.cost, boundsOf(b.problem))
console.log(breaksOf(b.problem,s.best.plan))
b.works.map((w,i)=>({w,i,p:s.best.plan.placed[i]})).sort((x,y)=>(x.p?.start??1e9)-(y.p?.start??1e9)).forEach(({w,i,p})=>{ const at=p&&wallAt(b.originMs+p.start*60000,'Europe/Vienna'); console.log(at?`${at.date} ${at.time}`:'--', p?.worker, b.problem.works[i].minutes+'min', b.problem.works[i].id, w.waitMin?`wait ${w.waitMin}`:'', s.best.plan.unplaced.get(i)??'', (b.problem.works[i].kits??[]).join('+')) })
